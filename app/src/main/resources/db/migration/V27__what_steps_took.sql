-- How long a step really took, from the first who was ready for it until it was done; the next ones are put down by it.
alter table step add took_min integer check (took_min between 1 and 1440);
alter table step_trail add took_min integer;
