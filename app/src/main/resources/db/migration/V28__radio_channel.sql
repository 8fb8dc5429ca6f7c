-- The channel on which the crew speaks where people do not see each other.
alter table surroundings add radio_channel varchar(40);
alter table surroundings_trail add radio_channel varchar(40);
