-- A torn leader, broken top or big limb that is a stem of its own: what it is part of, and how high. The newest counts.
create table part_of (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    of_stem_id varchar(60) not null references stem on delete cascade,
    kind varchar(40) not null,
    at_m double precision not null check (at_m between 0 and 60),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index part_of_of_job on part_of (job_id, at);
