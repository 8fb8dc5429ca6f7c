-- The gust at the go stays with it.
alter table run_event add column gust_ms double precision;
-- A line of the logbook keeps what its miss follows from, so that it can be written out and read in; one read in has no
-- job here.
alter table fall_line alter column job_id drop not null;
alter table fall_line add column imported boolean default false not null;
alter table fall_line add column lay_deg double precision default 0 not null;
alter table fall_line add column bias_deg double precision;
alter table fall_line add column spread_deg double precision;
alter table fall_line add column expected_m double precision;
alter table fall_line add column distance_m double precision;
alter table fall_line add column gust_ms double precision;
alter table fall_line add column by_id varchar(60);
create index fall_line_by_sawyer on fall_line (sawyer_id, felled_at);
-- All lines are made anew with these.
delete from fall_line;
delete from logbook_made;
