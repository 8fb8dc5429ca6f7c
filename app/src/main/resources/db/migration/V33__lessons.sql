-- A lesson is proposed, with its cause and the work it is to be told at, and stands by a decision of somebody else.
alter table lesson add column stem varchar(40);
alter table lesson add column cause varchar(40);
alter table lesson add column sure boolean;
alter table lesson add column idea varchar(40);
alter table lesson add column becomes varchar(20) default 'REMINDER' not null;
alter table lesson add column species varchar(40);
alter table lesson add column wood varchar(20);
alter table lesson add column means varchar(20);
alter table lesson add column school varchar(20);
alter table lesson add column who_id varchar(60);
-- What was decided of it, line by line.
create table lesson_decision (
    id varchar(60) not null primary key,
    lesson_id varchar(60) not null references lesson,
    decision varchar(20) not null,
    reason varchar(500) not null,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
create index lesson_decision_by_lesson on lesson_decision (lesson_id, at);
-- Those written so far came from a reviewer and were told at once: they stand.
insert into lesson_decision (id, lesson_id, decision, reason, at, by_id, by_name)
select random_uuid(), id, 'APPROVED', '', at, '', substring(who, 1, 120) from lesson;
-- Whether it helped on a job, in one tap.
create table lesson_use (
    id varchar(60) not null primary key,
    lesson_id varchar(60) not null references lesson,
    job_id varchar(60) not null references job,
    helped boolean not null,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
create index lesson_use_by_lesson on lesson_use (lesson_id, at);
-- A review is signed with what was missing when it was; what is told afterwards opens it again.
create table review_sign (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    missing text not null,
    at timestamp(6) with time zone not null,
    by_id varchar(60) not null,
    by_name varchar(120) not null
);
create index review_sign_by_job on review_sign (job_id, at);
