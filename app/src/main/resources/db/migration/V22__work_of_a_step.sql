-- What a step in a tangle does to its stem: severed, let go, propped, held, covered, cut off, and where.
alter table step add work varchar(40);
alter table step add work_on varchar(200);
alter table step add work_at_m double precision check (work_at_m between 0 and 60);
alter table step_trail add work varchar(40);
alter table step_trail add work_on varchar(200);
alter table step_trail add work_at_m double precision;
