-- One line for each felled stem of the house, made from its job and made anew whenever that job has changed since.
create table fall_line (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    job_name varchar(80) not null,
    stem varchar(40) not null,
    sawyer_id varchar(60),
    sawyer varchar(120),
    species varchar(40) not null,
    school varchar(20) not null,
    means varchar(20) not null,
    wood varchar(20),
    felled_at timestamp(6) with time zone not null,
    control varchar(20),
    measured_by varchar(20),
    predicted_deg double precision not null,
    fell_deg double precision,
    miss_deg double precision,
    along_deg double precision,
    times double precision,
    inside boolean,
    constraint fall_line_once unique (job_id, stem)
);
create index fall_line_by_time on fall_line (felled_at);
-- What the lines of a job rest on takes the next version with each change; the lines say of which version they are.
-- A job that is opened takes its first version before it is written itself.
create table logbook_version (
    job_id varchar(60) not null primary key,
    version bigint not null
);
create table logbook_made (
    job_id varchar(60) not null primary key references job,
    version bigint not null
);
