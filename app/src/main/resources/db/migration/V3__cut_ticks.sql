-- Cutting steps that are ticked off. A step is found by what it says, so a changed plan starts unticked.
create table cut_tick (
    quilt_id    uuid not null references quilt (id),
    step        text not null check (length(step) <= 80),
    at          timestamptz not null default now(),
    primary key (quilt_id, step)
);
