-- Lay and zones in full: who cuts, where the pull stands, how the cutter leaves, what was clipped from zones, what a fixed lay rested on.

alter table lay add column skill varchar(40) default 'TRAINED';
alter table lay add column stand_eastm float(53);
alter table lay add column stand_northm float(53);
alter table lay add column puller_eastm float(53);
alter table lay add column puller_northm float(53);
alter table lay add column cleared_left varchar(1000);
alter table lay add column cleared_right varchar(1000);
alter table lay add column cleared_lay_deg float(53);
alter table lay add column cover_tree varchar(1000);
alter table lay add column clock varchar(40) default 'AT_MOVEMENT';
alter table lay add column clips varchar(40000) default '[]';
alter table lay add column basis varchar(100000);
alter table lay_trail add column skill varchar(40);
alter table lay_trail add column stand_eastm float(53);
alter table lay_trail add column stand_northm float(53);
alter table lay_trail add column puller_eastm float(53);
alter table lay_trail add column puller_northm float(53);
alter table lay_trail add column cleared_left varchar(1000);
alter table lay_trail add column cleared_right varchar(1000);
alter table lay_trail add column cleared_lay_deg float(53);
alter table lay_trail add column cover_tree varchar(1000);
alter table lay_trail add column clock varchar(40);
alter table lay_trail add column clips varchar(40000);
