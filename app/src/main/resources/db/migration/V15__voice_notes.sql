-- What people say of a stem or of one fault on it.
create table voice_note (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem,
    defect_id varchar(60),
    who varchar(1000) not null,
    at timestamp(6) with time zone not null,
    media varchar(40) not null,
    sound blob not null
);
create index voice_note_of_job on voice_note (job_id, at);
