-- A lesson may make a number of the house stricter.
alter table lesson add column rule_threshold varchar(40);
alter table lesson add column rule_value double precision;
create index lesson_by_becomes on lesson (becomes);
