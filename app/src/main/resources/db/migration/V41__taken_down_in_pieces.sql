-- How a stem comes down in pieces. Each change is a row of its own; the newest of each stem counts.
create table takedown (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    line_id varchar(60),
    block_id varchar(60),
    sling_id varchar(60),
    brake_id varchar(60),
    brake_deg double precision,
    brake_away_m double precision not null,
    hand_n double precision not null,
    slack_m double precision not null,
    surface varchar(40) not null,
    said varchar(40),
    climber_id varchar(60),
    fallback varchar(40),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index takedown_of_job on takedown (job_id, at);

create table takedown_limb (
    takedown_id varchar(60) not null references takedown on delete cascade,
    place integer not null,
    limb varchar(60) not null,
    at_m double precision not null,
    thick_m double precision not null check (thick_m > 0),
    length_m double precision not null check (length_m > 0),
    side_deg double precision not null,
    rise_deg double precision not null,
    loose boolean not null,
    primary key (takedown_id, place)
);

create table takedown_cut (
    takedown_id varchar(60) not null references takedown on delete cascade,
    place integer not null,
    limb varchar(60),
    at_m double precision not null,
    way varchar(40) not null,
    tie_m double precision,
    block_m double precision,
    run_m double precision,
    primary key (takedown_id, place)
);

-- The climber's No: ends this way at once; taken back by the same person only, or outlived by a newer plan.
create table climbers_no (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    climber_id varchar(60) not null,
    at_m double precision not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null,
    ended_by varchar(200),
    ended_at timestamp(6) with time zone
);
create index climbers_no_of_job on climbers_no (job_id, at);
