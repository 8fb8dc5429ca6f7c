-- A second line draws pieces across, a back guy holds the tree; null where there is none.
alter table takedown add second_line_id varchar(60);
alter table takedown add second_deg double precision;
alter table takedown add second_away_m double precision;
alter table takedown add second_height_m double precision;
alter table takedown add second_to_m double precision;
alter table takedown add second_let_down_m double precision;
alter table takedown add second_sound boolean;
alter table takedown add guy_line_id varchar(60);
alter table takedown add guy_height_m double precision;
alter table takedown add guy_deg double precision;
alter table takedown add guy_away_m double precision;
alter table takedown add guy_anchor_height_m double precision;
alter table takedown add guy_pretension_n double precision;
alter table takedown add guy_turned_deg double precision;
alter table takedown add guy_proven boolean;
alter table takedown add guy_sound boolean;

-- What a picked piece would have been reckoned at if nothing had been weighed before: what a reading says of its species.
alter table crane_reading add bare_kg double precision;
alter table crane_reading add species varchar(60);

-- How whoever cuts aloft is held; null where nobody said.
alter table takedown add climb_tie_in_m double precision;
alter table takedown add climb_attachments integer;
alter table takedown add climb_cut_proof boolean;
alter table takedown add climb_way_down boolean;
alter table takedown add climb_rescue_min integer;
