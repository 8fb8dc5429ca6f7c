-- Who may give the go and lift a hold besides the leader; offered, accepted with a PIN, ended. Lines are never changed
-- but for how they ended.
create table deputy (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    person_id varchar(60) not null references person,
    offered_by varchar(120) not null,
    offered_at timestamp(6) with time zone not null,
    accepted_at timestamp(6) with time zone,
    ended_at timestamp(6) with time zone,
    ended_by varchar(120)
);
create index deputy_of_job on deputy (job_id, offered_at);
