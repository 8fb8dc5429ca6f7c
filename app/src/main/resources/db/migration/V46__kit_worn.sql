-- Share of its strength that a piece of kit has left, by whoever looked it over.
alter table kit add left_share float(53);
alter table kit_trail add left_share float(53);
