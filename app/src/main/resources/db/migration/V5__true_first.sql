alter table house_rules add column least_awaym float(53) default 1.5 not null;
alter table house_rules_trail add column least_awaym float(53);

create table protection_asked (
    id varchar(60) not null,
    job_id varchar(60),
    feature_id varchar(60),
    who varchar(1000),
    asked_at timestamp(6) with time zone,
    primary key (id)
);
