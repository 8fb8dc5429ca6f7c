alter table house_rules add column rescue_within_min float(53) default 10 not null;
alter table house_rules_trail add column rescue_within_min float(53);
alter table house_rules add column least_wood_m float(53) default 0.1 not null;
alter table house_rules_trail add column least_wood_m float(53);
