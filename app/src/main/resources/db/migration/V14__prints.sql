-- How a fabric is drawn where it has no photograph: one of the prints that the application knows.
alter table cloth add column print text not null default 'PLAIN';
