-- What nearly hurt somebody, or broke something. Who told it is kept for the trail and shown to nobody.
create table incident (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    kind varchar(20) not null,
    stem varchar(40),
    could_be varchar(20) not null,
    struck varchar(80),
    words varchar(500) not null,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
create index incident_by_job on incident (job_id, at);
-- A piece on a scale, beside what the same piece was reckoned at when it was weighed; empty where that was not known.
create table weighing (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem varchar(40) not null,
    species varchar(40) not null,
    part varchar(20) not null,
    from_m double precision not null,
    to_m double precision not null,
    weight_kg double precision not null,
    weighed_by varchar(20) not null,
    reckoned_kg double precision,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
create index weighing_by_job on weighing (job_id, at);
-- Decided so far of the spread alone: now of all that a plan can rest on.
create table correction_decision (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    kind varchar(20) not null,
    subject varchar(60) not null,
    taken boolean not null,
    measured integer not null,
    was double precision not null,
    becomes double precision not null,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
insert into correction_decision (id, job_id, kind, subject, taken, measured, was, becomes, at, by_id, by_name)
select id, job_id, 'SPREAD', person_id, taken, falls, table_deg, blended_deg, at, by_id, by_name from aim_decision;
create index correction_decision_by_job on correction_decision (job_id, at);
drop table aim_decision;
