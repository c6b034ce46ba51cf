-- A typed count is one entry: so many sets at once, and how many units of them are no good.
alter table bench_log
    add column times integer not null default 1 check (times between 1 and 2000),
    add column spoiled integer not null default 0 check (spoiled >= 0);
