-- The language and units a person reads in; what an acknowledgement rested on. One that was given before this was kept
-- holds no longer: it is asked for once more.
alter table person add column language varchar(20) default 'ENGLISH' not null;
alter table person add column units varchar(20) default 'METRIC' not null;
alter table acknowledgement add column grounds varchar(20000);

-- The board: which plan a kept mark and drawing are of.
create table plan_version (
    of_what varchar(60) not null primary key,
    version bigint not null
);
create table job_mark (
    job_id varchar(60) not null primary key references job (id),
    plan_version bigint not null,
    house_version bigint not null,
    made_on date not null,
    stops bigint not null,
    second_opinions bigint not null,
    cautions bigint not null,
    sketch clob not null
);
create index lesson_by_time on lesson (at);
