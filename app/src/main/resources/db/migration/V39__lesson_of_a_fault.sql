-- A lesson may be told where a stem has a fault of a kind.
alter table lesson add column defect varchar(40);
