-- What is known of a cloth besides its name and swatch. Texts are as typed; empty is not said.
alter table cloth add column lightness text not null default '' check (length(lightness) <= 10);
alter table cloth add column directional boolean not null default false;
alter table cloth add column kind text not null default '' check (length(kind) <= 60);
alter table cloth add column price text not null default '' check (length(price) <= 40);
alter table cloth add column pack text not null default '' check (length(pack) <= 200);

-- The photograph a swatch was read from, made small.
create table cloth_photo (
    cloth_id    uuid primary key references cloth (id),
    image       bytea not null
);

-- A shop's prices: for one cloth by its name, for a kind of cloth, or for any cloth.
create table price_entry (
    owner_id    uuid not null references account (id),
    number      integer not null,
    cloth       text not null,
    kind        text not null,
    price       text not null,
    primary key (owner_id, number)
);
