-- What a step in a tangle does to its stem: severed, let go, propped, held, covered, cut off, and where.
alter table step add work varchar(40);
alter table step add work_on varchar(200);
alter table step add work_at_m double precision check (work_at_m between 0 and 60);
alter table step_trail add work varchar(40);
alter table step_trail add work_on varchar(200);
alter table step_trail add work_at_m double precision;

-- What a step cannot be done without.
create table step_kit (
    step_id varchar(60) not null references step,
    place integer not null,
    kind varchar(40) not null,
    at_least_n double precision check (at_least_n between 1 and 1000000),
    primary key (step_id, place)
);
create table step_kit_trail (
    step_id varchar(60) not null,
    place integer not null,
    rev integer not null,
    revtype tinyint not null,
    kind varchar(40),
    at_least_n double precision,
    primary key (place, rev, revtype, step_id)
);
