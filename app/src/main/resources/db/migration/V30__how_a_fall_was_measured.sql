-- How the tip was measured, what became of the fall, which way the notch pointed. Older entries never said it.
alter table outcome add column measured_by varchar(20) check (measured_by in ('TAPE', 'RANGEFINDER', 'TAP', 'EYE'));
alter table outcome add column control varchar(20) check (control in ('KEPT', 'LOST', 'HUNG', 'STALLED', 'SAT_BACK'));
alter table outcome add column notch_line_deg double precision;
alter table outcome_trail add column measured_by varchar(20);
alter table outcome_trail add column control varchar(20);
alter table outcome_trail add column notch_line_deg double precision;
