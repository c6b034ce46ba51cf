-- What happens at the bench. The log only grows: nothing in it is changed or deleted, what was wrong is taken back by
-- another entry. The writer names each entry, so that one sent twice is kept once.
create table bench_log (
    quilt_id    uuid not null references quilt (id),
    number      bigint generated always as identity,
    entry_id    uuid not null,
    at          timestamptz not null,
    kind        text not null,
    batch       text not null check (length(batch) <= 1000),
    units       integer not null check (units >= 0),
    hand        text not null,
    text        text not null check (length(text) <= 2000),
    takes_back  uuid,
    primary key (quilt_id, entry_id)
);
create index bench_log_in_order on bench_log (quilt_id, number);

create function bench_log_only_grows() returns trigger language plpgsql as $$
begin
    raise exception 'the bench log only grows';
end $$;
create trigger bench_log_only_grows before update or delete on bench_log
    for each row execute function bench_log_only_grows();

-- Ticks of cutting steps are entries of the log now.
insert into bench_log (quilt_id, entry_id, at, kind, batch, units, hand, text)
    select quilt_id, gen_random_uuid(), at, 'CUT', step, 0, '', '' from cut_tick order by at;
drop table cut_tick;
