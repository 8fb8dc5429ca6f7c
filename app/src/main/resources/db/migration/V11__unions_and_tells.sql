-- Stems on one root and the signs of a fault are rows of their own.
create table stem_union (
    stem_id varchar(60) not null references stem on delete cascade,
    place integer not null,
    job_id varchar(60) not null,
    member varchar(40) not null,
    primary key (stem_id, place),
    foreign key (job_id, member) references stem (job_id, label) on delete cascade
);

create table stem_union_trail (
    rev integer not null references revision,
    revtype tinyint not null,
    stem_id varchar(60) not null,
    place integer not null,
    job_id varchar(60),
    member varchar(40),
    primary key (rev, stem_id, place, revtype)
);

create table defect_tell (
    defect_id varchar(60) not null references defect on delete cascade,
    place integer not null,
    tell varchar(40) not null,
    primary key (defect_id, place)
);

insert into stem_union (stem_id, place, job_id, member)
    select s.id, n.x - 1, s.job_id, regexp_substr(s.union_with, '[^,]+', 1, n.x)
    from stem s cross join system_range(1, 10) n
    where s.union_with is not null and s.union_with <> '' and regexp_substr(s.union_with, '[^,]+', 1, n.x) is not null
    and exists (select 1 from stem o where o.job_id = s.job_id
        and o.label = regexp_substr(s.union_with, '[^,]+', 1, n.x));

insert into defect_tell (defect_id, place, tell)
    select d.id, n.x - 1, regexp_substr(d.tells, '[^,]+', 1, n.x)
    from defect d cross join system_range(1, 10) n
    where d.tells is not null and d.tells <> '' and regexp_substr(d.tells, '[^,]+', 1, n.x) is not null;

alter table stem drop column union_with;
alter table defect drop column tells;
