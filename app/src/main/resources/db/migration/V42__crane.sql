-- How a crane is set up for a stem. Each change is a row of its own; the newest of each stem counts.
create table crane_set_up (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    set_up clob not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index crane_set_up_of_job on crane_set_up (job_id, at);

-- What the display showed of a piece on the hook.
create table crane_reading (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    piece integer not null,
    load_group varchar(40) not null,
    est_kg double precision not null check (est_kg > 0),
    read_kg double precision not null,
    rig_kg double precision not null,
    free boolean not null,
    why varchar(200),
    found_by varchar(200),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index crane_reading_of_job on crane_reading (job_id, at);
