-- An instrument that watches a job while it runs. Lines are never changed but for how they ended.
create table instrument_in_use (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    kind varchar(20) not null check (kind in ('LINE', 'LOAD', 'BEACON')),
    number varchar(40) not null,
    person_id varchar(60) references person,
    put_by varchar(120) not null,
    put_at timestamp(6) with time zone not null,
    away_by varchar(120),
    away_at timestamp(6) with time zone,
    away_reason varchar(200),
    check ((kind = 'BEACON') = (person_id is not null))
);
create index instrument_of_job on instrument_in_use (job_id, put_at);
