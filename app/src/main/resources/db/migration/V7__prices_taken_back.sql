-- The price list is part of what was done to the shelf, so its lines are noted like any other row.
alter table price_entry add column id uuid not null default gen_random_uuid() unique;

create trigger note_shelf_act after insert or delete on price_entry
    for each row execute function note_shelf_act('id');
