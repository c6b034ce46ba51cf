-- What the application's own user may do: read and write, but not change what only grows, nor what the tables look like.
-- Where there is no such user (somebody runs it over a database of their own), the owner does everything.
do $$ begin
    if exists (select 1 from pg_roles where rolname = 'golden_tally_app') then
        grant usage on schema public to golden_tally_app;
        grant select, insert, update, delete on all tables in schema public to golden_tally_app;
        grant usage on all sequences in schema public to golden_tally_app;
        revoke update, delete, truncate on bench_log from golden_tally_app;
        revoke insert, update, delete on flyway_schema_history from golden_tally_app;
    end if;
end $$;
