-- Forgotten blocks can be brought back for a while, as deleted quilts can.
alter table own_block add column removed_at timestamptz;
drop index own_block_name;
create unique index own_block_name on own_block (owner_id, lower(name)) where removed_at is null;
