-- Undo says what it takes back: each step has a name. Those of before have none.
alter table quilt_step add column what text not null default '';

-- A change that is sent twice, since its answer was lost, is kept once: the writer names it.
alter table quilt add column last_edit uuid;

-- Deleted quilts can be brought back for a while.
alter table quilt add column deleted_at timestamptz;

-- Whether nobody has said the colour of a cloth yet. What came in a pack had its colours made up.
alter table cloth add column guessed boolean not null default false;
update cloth set guessed = true where pack <> '' and version = 0;

-- What was done to the shelf, act by act, so that each can be taken back by name. The rows that an act touched are
-- noted by the database itself, as they were and as they became; nobody can forget one.
create table shelf_act (
    id          bigint generated always as identity primary key,
    owner_id    uuid not null references account (id),
    what        text not null check (length(what) <= 300),
    at          timestamptz not null,
    undone      boolean not null default false
);
create index shelf_act_of_owner on shelf_act (owner_id, id);

create table shelf_act_row (
    act_id      bigint not null references shelf_act (id) on delete cascade,
    number      bigint generated always as identity,
    place       text not null,
    row_id      uuid not null,
    before      jsonb,
    after       jsonb,
    primary key (act_id, number)
);
create index shelf_act_row_of_row on shelf_act_row (row_id);

create function note_shelf_act() returns trigger language plpgsql as $$
declare
    act bigint := nullif(current_setting('golden_tally.shelf_act', true), '')::bigint;
    was jsonb := case when tg_op = 'INSERT' then null else to_jsonb(old) end;
    becomes jsonb := case when tg_op = 'DELETE' then null else to_jsonb(new) end;
begin
    if act is not null and (was - 'version') is distinct from (becomes - 'version') then
        insert into shelf_act_row (act_id, place, row_id, before, after)
        values (act, tg_table_name, (coalesce(becomes, was) ->> tg_argv[0])::uuid, was, becomes);
    end if;
    return null;
end $$;

create trigger note_shelf_act after insert or update on cloth
    for each row execute function note_shelf_act('id');
create trigger note_shelf_act after insert or update on shelf_piece
    for each row execute function note_shelf_act('id');
create trigger note_shelf_act after insert or update or delete on cloth_photo
    for each row execute function note_shelf_act('cloth_id');
