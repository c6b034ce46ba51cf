-- A version of a quilt knows what it came from; what is done with for now is archived.
alter table quilt add column came_from uuid;
alter table quilt add column archived_at timestamptz;
