-- Where the gust came from as a stem fell, and which thing on the site plan was struck.
alter table outcome add column wind_from varchar(10);
alter table outcome_trail add column wind_from varchar(10);
alter table incident add column feature_id varchar(60);
alter table run_event add column gust_from_deg double precision;
