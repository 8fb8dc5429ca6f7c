-- What nobody can reckon and somebody says: spikes, sway, reach of a platform; the kit and when it was looked over.
alter table takedown add climb_spikes boolean;
alter table takedown add climb_sway_m double precision;
alter table takedown add climb_reach_m double precision;
alter table takedown add climb_said_by varchar(60);
alter table takedown add climb_kit varchar(400);

-- Whom damage was agreed with, where that is what is done when the climber says No.
alter table takedown add agreed_with varchar(120);
