-- The line a stem is tied off with, so that its butt cannot swing far. The newest of each stem counts.
create table tied_off (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    anchor_e double precision not null,
    anchor_n double precision not null,
    line_m double precision not null check (line_m > 0),
    tie_from_butt_m double precision not null check (tie_from_butt_m >= 0),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index tied_off_of_job on tied_off (job_id, at);
