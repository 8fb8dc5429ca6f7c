-- Somebody looked at a stem again: what it did, and what it lies on now.
create table look (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    moved varchar(40),
    now_on varchar(40),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index look_of_job on look (job_id, at);

-- Something happened to it since: it has to be looked at again.
create table stirred (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    why varchar(40) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index stirred_of_job on stirred (job_id, at);

-- What holds a stem while others of its ring are moved; one that was let go is ended, not deleted.
create table holding (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    held_by varchar(40) not null,
    rated_n double precision check (rated_n > 0),
    anchor varchar(60),
    minded_by varchar(200) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null,
    ended_by varchar(200),
    ended_at timestamp(6) with time zone
);
create index holding_of_job on holding (job_id, at);

-- What is closed around a stem that is left: drawn, or by its distances. The newest of each stem counts.
create table closed_ground (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    around_m double precision check (around_m >= 0),
    downhill_m double precision check (downhill_m >= 0),
    to_slope_foot boolean not null,
    outline varchar(20000),
    until_at timestamp(6) with time zone,
    handed_to varchar(200) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index closed_ground_of_job on closed_ground (job_id, at);

-- What was asked of a building, vehicle or fence before anything is lifted off it.
create table struck_answer (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    feature_id varchar(60) not null,
    question varchar(40) not null,
    in_order boolean not null,
    note varchar(500) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index struck_answer_of_job on struck_answer (job_id, at);

-- The line by which the butt of a hung stem is dragged away; the newest of each stem counts.
create table drag_line (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    winch_e double precision not null,
    winch_n double precision not null,
    redirect_e double precision,
    redirect_n double precision,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index drag_line_of_job on drag_line (job_id, at);
