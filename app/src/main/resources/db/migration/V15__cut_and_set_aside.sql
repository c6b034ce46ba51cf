-- What is cut for a quilt lies with it, what is left of it on the shelf: both are pieces like any other. A piece that was cut
-- knows what for.
alter table shelf_piece add column cut_for text not null default '' check (length(cut_for) <= 2000);

-- A quilt that is going to be made keeps what its plan takes.
alter table quilt add column to_be_made boolean not null default false;

-- So many of these pieces are kept for a quilt: what was cut for it, and what its plan takes if it is going to be made.
create table set_aside (
    id          uuid primary key default gen_random_uuid(),
    owner_id    uuid not null references account (id),
    quilt_id    uuid not null references quilt (id) on delete cascade,
    piece_id    uuid not null references shelf_piece (id) on delete cascade,
    count       integer not null check (count > 0),
    unique (quilt_id, piece_id)
);
create index set_aside_of_piece on set_aside (piece_id);
create index set_aside_of_owner on set_aside (owner_id);

-- Nothing is promised twice, whoever writes: the one rule. Writers to one piece wait for one another.
create function set_aside_once() returns trigger language plpgsql as $$
declare
    there integer;
    promised bigint;
begin
    select count into there from shelf_piece where id = new.piece_id for update;
    select coalesce(sum(other.count), 0) into promised
        from set_aside other join quilt on quilt.id = other.quilt_id
        where other.piece_id = new.piece_id and other.quilt_id <> new.quilt_id and quilt.deleted_at is null;
    if promised + new.count > there then
        raise exception using errcode = 'check_violation', message = 'more pieces are set aside than there are';
    end if;
    return new;
end $$;
create trigger set_aside_once before insert or update on set_aside
    for each row execute function set_aside_once();
create trigger note_shelf_act after insert or update or delete on set_aside
    for each row execute function note_shelf_act('id');

-- Which ticks of the bench log an act of putting away has settled, so that they stand again if it is taken back.
create table put_away (
    act_id      bigint not null references shelf_act (id) on delete cascade,
    quilt_id    uuid not null references quilt (id) on delete cascade,
    entry_id    uuid not null,
    tick_id     uuid not null,
    primary key (act_id, tick_id)
);
