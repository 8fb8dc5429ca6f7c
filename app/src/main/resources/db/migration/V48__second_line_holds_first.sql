-- The second line may hold a piece first, over friction on the other tree, until the one over the stem takes it over;
-- friction and its sling are null where nobody has chosen them.
alter table takedown add second_holds_first boolean;
alter table takedown add second_friction_id varchar(60);
alter table takedown add second_sling_id varchar(60);
update takedown set second_holds_first = false where second_deg is not null;
