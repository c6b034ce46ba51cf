-- Steps of undo are kept packed: as what they change in the step before, with a whole one now and then. Those of before
-- stay as the text they were.
alter table quilt_step alter column design drop not null;
alter table quilt_step add column packed bytea;
alter table quilt_step add column whole boolean not null default true;
alter table quilt_step add constraint design_or_packed check ((design is null) <> (packed is null));
