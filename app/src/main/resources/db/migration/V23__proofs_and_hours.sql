-- Proof of a competence: until when it is good, how thick a cut it allows, whether somebody still learns.
create table person_proof (
    person_id varchar(60) not null references person,
    place integer not null,
    competence varchar(40) not null,
    valid_to date,
    max_diameter_m double precision check (max_diameter_m between 0.03 and 5),
    trainee boolean not null,
    proof varchar(200) not null,
    confirmed_by varchar(200) not null,
    confirmed_at timestamp(6) with time zone not null,
    primary key (person_id, place)
);
create table person_proof_trail (
    person_id varchar(60) not null,
    place integer not null,
    rev integer not null,
    revtype tinyint not null,
    competence varchar(40),
    valid_to date,
    max_diameter_m double precision,
    trainee boolean,
    proof varchar(200),
    confirmed_by varchar(200),
    confirmed_at timestamp(6) with time zone,
    primary key (place, rev, revtype, person_id)
);
alter table person_proof_trail add foreign key (rev) references revision;

-- When somebody is on site, minutes from the start of work.
alter table job_member add from_min integer default 0 not null check (from_min between 0 and 1440);
alter table job_member add to_min integer check (to_min between 1 and 1440);
alter table job_member_trail add from_min integer;
alter table job_member_trail add to_min integer;

-- When work starts and when it gets dark, minutes of the day.
alter table surroundings add starts_min integer check (starts_min between 0 and 1439);
alter table surroundings add dark_min integer check (dark_min between 0 and 1439);
alter table surroundings_trail add starts_min integer;
alter table surroundings_trail add dark_min integer;

-- Minutes a step takes at best and at worst.
alter table step add least_min integer check (least_min between 1 and 1440);
alter table step add most_min integer check (most_min between 1 and 1440);
alter table step_trail add least_min integer;
alter table step_trail add most_min integer;

-- A read-back that was wrong: who has to be gone through it with.
create table read_back_try (
    id varchar(60) not null primary key,
    briefing_id varchar(60) not null references briefing,
    person_id varchar(60) not null references person,
    wrong integer not null check (wrong > 0),
    at timestamp(6) with time zone not null
);
create index read_back_try_of_briefing on read_back_try (briefing_id, person_id);

-- When kit was inspected and is due again.
alter table kit add inspected_on date;
alter table kit add due_on date;
alter table kit add withdrawn boolean default false not null;
alter table kit_trail add inspected_on date;
alter table kit_trail add due_on date;
alter table kit_trail add withdrawn boolean;
