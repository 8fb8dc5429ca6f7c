-- What a step's work is about: a thing of the place that is protected, or a side on which a way out is cleared.
alter table step add work_about varchar(60);
alter table step_trail add work_about varchar(60);

-- A step the plan asks for and the leader does not want, with the reason.
create table step_not_wanted (
    id varchar(60) primary key,
    job_id varchar(60) not null references job,
    step_key varchar(500) not null,
    reason varchar(200) not null,
    said_by varchar(120) not null,
    said_at timestamp(6) with time zone not null,
    unique (job_id, step_key)
);
