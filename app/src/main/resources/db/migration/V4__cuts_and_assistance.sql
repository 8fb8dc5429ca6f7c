-- Cuts and assistance: the leader's own measures, how lines are rigged, what stands by, what the opened face showed, saws and kit of the house, ticks of the cut.

alter table lay add column cuts varchar(8000) default '{}';
alter table lay add column rig varchar(4000) default '{}';
alter table lay add column support varchar(8000) default '{}';
alter table lay add column opened varchar(4000);
alter table lay_trail add column cuts varchar(8000);
alter table lay_trail add column rig varchar(4000);
alter table lay_trail add column support varchar(8000);
alter table lay_trail add column opened varchar(4000);

alter table house_rules add column usual_school varchar(40) default 'OPEN_FACE';
alter table house_rules_trail add column usual_school varchar(40);

create table kit (
    id varchar(60) not null,
    kind varchar(40),
    name varchar(1000),
    pieces integer not null,
    barm float(53),
    liftm float(53),
    lengthm float(53),
    strengthn float(53),
    efficiency float(53),
    made_year integer,
    note varchar(1000),
    version bigint not null,
    primary key (id)
);

create table kit_trail (
    id varchar(60) not null,
    rev integer not null,
    revtype tinyint,
    kind varchar(40),
    name varchar(1000),
    pieces integer,
    barm float(53),
    liftm float(53),
    lengthm float(53),
    strengthn float(53),
    efficiency float(53),
    made_year integer,
    note varchar(1000),
    primary key (rev, id)
);

alter table kit_trail add foreign key (rev) references revision;

create table cut_tick (
    id varchar(60) not null,
    job_id varchar(60),
    step_id varchar(60),
    tick_key varchar(60),
    who varchar(1000),
    at timestamp(6) with time zone,
    primary key (id)
);
