-- A round of ten that an instructor gives, and what those who took it on answered.
create table drill_set (
    id varchar(60) not null primary key,
    title varchar(80) not null,
    kinds varchar(200) not null,
    level integer not null,
    seed bigint not null,
    due date not null,
    by_id varchar(60) not null,
    by_name varchar(200) not null,
    at timestamp(6) with time zone not null
);
create table drill_taken (
    id varchar(60) not null primary key,
    set_id varchar(60) not null references drill_set (id),
    by_id varchar(60) not null,
    by_name varchar(200) not null,
    at timestamp(6) with time zone not null,
    constraint drill_taken_once unique (set_id, by_id)
);
create table drill_answer (
    id varchar(60) not null primary key,
    set_id varchar(60) not null references drill_set (id),
    nth integer not null,
    marked varchar(60) not null,
    sure varchar(20),
    by_id varchar(60) not null,
    by_name varchar(200) not null,
    at timestamp(6) with time zone not null,
    constraint drill_answer_once unique (set_id, by_id, nth)
);
