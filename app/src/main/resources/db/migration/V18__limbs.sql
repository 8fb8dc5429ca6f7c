-- A limb of a stem that lies, as it was seen; ended when it is off.
create table limb (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    growing varchar(40) not null,
    bent varchar(40) not null,
    thick_m double precision not null check (thick_m > 0),
    length_m double precision check (length_m > 0),
    who varchar(200) not null,
    at timestamp(6) with time zone not null,
    ended_by varchar(200),
    ended_at timestamp(6) with time zone
);
create index limb_of_job on limb (job_id, at);
