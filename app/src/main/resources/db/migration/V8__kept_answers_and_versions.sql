-- Answers to calls that carry a key, so that one sent twice is made once. They are deleted after two days.
create table kept_answer (
    key         uuid primary key,
    call        text not null,
    status      integer not null default 0,
    type        text not null default '',
    body        bytea not null default '',
    at          timestamptz not null
);
create index kept_answer_by_age on kept_answer (at);

-- The price list is replaced whole; its version tells whoever comes second.
alter table account add column prices_version integer not null default 0;

-- The rows that a tap or a list asks for, found without looking at all others.
create index shelf_piece_of_cloth on shelf_piece (cloth_id) where removed_at is null;
