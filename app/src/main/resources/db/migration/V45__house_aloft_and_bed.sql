alter table house_rules add column rescue_within_min float(53) default 10 not null;
alter table house_rules_trail add column rescue_within_min float(53);
alter table house_rules add column least_wood_m float(53) default 0.1 not null;
alter table house_rules_trail add column least_wood_m float(53);

-- A bed on the plan that pieces are let down onto, how heavy a piece it takes from five metres, and who said so.
alter table takedown add bed_name varchar(200);
alter table takedown add bed_takes_kg double precision;
alter table takedown add bed_said_by varchar(60);
