-- The language and units a person reads in; what an acknowledgement rested on. One that was given before this was kept
-- holds no longer: it is asked for once more.
alter table person add column language varchar(20) default 'ENGLISH' not null;
alter table person add column units varchar(20) default 'METRIC' not null;
alter table acknowledgement add column grounds varchar(20000);
