-- A piece was cut off a stem while it hung: who cut, and that the winch was on.
create table section_cut (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    cut_by varchar(200) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index section_cut_of_job on section_cut (job_id, at);
