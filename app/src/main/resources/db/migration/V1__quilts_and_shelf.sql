-- Everything belongs to an owner from the first day.
create table account (
    id          uuid primary key,
    name        text not null,
    created_at  timestamptz not null default now()
);

insert into account (id, name) values ('00000000-0000-0000-0000-000000000001', 'household');

-- A quilt is one document: what the quilter decided, as typed. Results are never stored.
create table quilt (
    id          uuid primary key,
    owner_id    uuid not null references account (id),
    name        text not null check (length(name) between 1 and 80),
    version     integer not null,
    design      jsonb not null,
    created_at  timestamptz not null,
    updated_at  timestamptz not null
);
create index quilt_of_owner on quilt (owner_id, updated_at desc);

create table cloth (
    id          uuid primary key,
    owner_id    uuid not null references account (id),
    name        text not null check (length(name) between 1 and 200),
    colour      text not null check (colour ~ '^#[0-9a-f]{6}$'),
    version     integer not null
);
create unique index cloth_name_of_owner on cloth (owner_id, lower(name));

-- Equal pieces of a cloth on the shelf. Lengths are exact text such as '10 in' or '10/3 in'.
create table shelf_piece (
    id          uuid primary key,
    owner_id    uuid not null references account (id),
    cloth_id    uuid not null references cloth (id),
    typed       text not null,
    system      text not null,
    count       integer not null check (count > 0),
    form        text not null,
    width       text not null,
    length      text not null,
    edge        text not null,
    version     integer not null,
    added_at    timestamptz not null,
    removed_at  timestamptz
);
create index shelf_of_owner on shelf_piece (owner_id, added_at);
