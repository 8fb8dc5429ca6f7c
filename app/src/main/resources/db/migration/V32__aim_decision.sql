-- Whether a job's plan rests on the earlier falls of a sawyer, line by line as it was decided; the newest holds.
create table aim_decision (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    person_id varchar(60) not null,
    taken boolean not null,
    falls integer not null,
    table_deg double precision not null,
    blended_deg double precision not null,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
create index aim_decision_by_job on aim_decision (job_id, person_id);
