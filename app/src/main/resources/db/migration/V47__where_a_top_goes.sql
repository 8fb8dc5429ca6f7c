-- Azimuth a top goes to over its hinge; null: nobody said.
alter table takedown_cut add toward_deg double precision;
