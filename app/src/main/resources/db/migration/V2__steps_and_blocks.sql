-- Every state a quilt's design was in, so that undo has no end and outlives the browser. Nobody looks into these, so
-- they are plain text: cheaper to keep than jsonb.
create table quilt_step (
    quilt_id    uuid not null references quilt (id),
    number      integer not null,
    design      text not null,
    at          timestamptz not null,
    primary key (quilt_id, number)
);

-- Which step the quilt shows now, and the newest one that redo reaches.
alter table quilt add column step integer not null default 0;
alter table quilt add column last_step integer not null default 0;
insert into quilt_step (quilt_id, number, design, at) select id, 0, design::text, updated_at from quilt;

-- The quilter's own blocks, to be used in any quilt.
create table own_block (
    id          uuid primary key,
    owner_id    uuid not null references account (id),
    name        text not null check (length(name) between 1 and 80),
    block       jsonb not null,
    version     integer not null,
    kept_at     timestamptz not null
);
create unique index own_block_name on own_block (owner_id, lower(name));
