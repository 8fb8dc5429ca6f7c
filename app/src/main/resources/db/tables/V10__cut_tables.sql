-- Every number has its column, every piece of kit its row on the house's list.
create table cut_choice (
    stem_id varchar(60) not null,
    back_cut varchar(40),
    face_order varchar(40),
    hinge_left_m float(53),
    hinge_right_m float(53),
    depth_m float(53),
    face_deg float(53),
    step_m float(53),
    strap_m float(53),
    bark_m float(53),
    along_m float(53),
    across_m float(53),
    reason varchar(200),
    saw_id varchar(60),
    primary key (stem_id),
    foreign key (stem_id) references lay on delete cascade,
    foreign key (saw_id) references kit on delete set null,
    check (face_deg is null or face_deg between 10 and 120)
);

create table cut_choice_trail (
    rev integer not null references revision,
    revtype tinyint,
    stem_id varchar(60) not null,
    back_cut varchar(40),
    face_order varchar(40),
    hinge_left_m float(53),
    hinge_right_m float(53),
    depth_m float(53),
    face_deg float(53),
    step_m float(53),
    strap_m float(53),
    bark_m float(53),
    along_m float(53),
    across_m float(53),
    reason varchar(200),
    saw_id varchar(60),
    primary key (rev, stem_id)
);

create table cut_technique (
    stem_id varchar(60) not null,
    technique varchar(40) not null,
    primary key (stem_id, technique),
    foreign key (stem_id) references lay on delete cascade
);

create table cut_technique_trail (
    rev integer not null references revision,
    revtype tinyint,
    stem_id varchar(60) not null,
    technique varchar(40) not null,
    primary key (rev, stem_id, technique)
);

create table pull_line (
    stem_id varchar(60) not null,
    place varchar(40) not null,
    kind varchar(40),
    rope_height_m float(53),
    anchor_dist_m float(53),
    pull_n float(53),
    stand_east_m float(53),
    stand_north_m float(53),
    puller_east_m float(53),
    puller_north_m float(53),
    tie varchar(40),
    leg_angle_deg float(53),
    parts integer,
    part_efficiency float(53),
    people integer,
    rope_id varchar(60),
    sling_id varchar(60),
    block_id varchar(60),
    anchor_diameter_m float(53),
    anchor_sling_m float(53),
    pretension_n float(53),
    pull_when varchar(40),
    proposed boolean,
    primary key (stem_id, place),
    foreign key (stem_id) references lay on delete cascade,
    foreign key (rope_id) references kit on delete set null,
    foreign key (sling_id) references kit on delete set null,
    foreign key (block_id) references kit on delete set null,
    check (parts is null or parts >= 1)
);

create table pull_line_trail (
    rev integer not null references revision,
    revtype tinyint not null,
    stem_id varchar(60) not null,
    place varchar(40) not null,
    kind varchar(40),
    rope_height_m float(53),
    anchor_dist_m float(53),
    pull_n float(53),
    stand_east_m float(53),
    stand_north_m float(53),
    puller_east_m float(53),
    puller_north_m float(53),
    tie varchar(40),
    leg_angle_deg float(53),
    parts integer,
    part_efficiency float(53),
    people integer,
    rope_id varchar(60),
    sling_id varchar(60),
    block_id varchar(60),
    anchor_diameter_m float(53),
    anchor_sling_m float(53),
    pretension_n float(53),
    pull_when varchar(40),
    proposed boolean,
    primary key (rev, stem_id, place, revtype)
);

create table lay_support (
    stem_id varchar(60) not null,
    guy_height_m float(53),
    guy_anchor_east_m float(53),
    guy_anchor_north_m float(53),
    guy_rope_id varchar(60),
    wedge_id varchar(60),
    stack integer,
    beside integer,
    keep_open boolean,
    below_holds varchar(60),
    below_down_m float(53),
    below_by varchar(60),
    primary key (stem_id),
    foreign key (stem_id) references lay on delete cascade,
    foreign key (guy_rope_id) references kit on delete set null,
    foreign key (wedge_id) references kit on delete set null
);

create table lay_support_trail (
    rev integer not null references revision,
    revtype tinyint,
    stem_id varchar(60) not null,
    guy_height_m float(53),
    guy_anchor_east_m float(53),
    guy_anchor_north_m float(53),
    guy_rope_id varchar(60),
    wedge_id varchar(60),
    stack integer,
    beside integer,
    keep_open boolean,
    below_holds varchar(60),
    below_down_m float(53),
    below_by varchar(60),
    primary key (rev, stem_id)
);

create table face_reading (
    stem_id varchar(60) not null,
    sound_left_m float(53) not null,
    sound_right_m float(53) not null,
    wood varchar(40) not null,
    note varchar(200),
    who varchar(1000) not null,
    read_at timestamp(6) with time zone not null,
    read_cut_height_m float(53) not null,
    read_lay_deg float(53) not null,
    primary key (stem_id),
    foreign key (stem_id) references lay on delete cascade,
    check (sound_left_m >= 0 and sound_right_m >= 0)
);

create table face_reading_trail (
    rev integer not null references revision,
    revtype tinyint,
    stem_id varchar(60) not null,
    sound_left_m float(53),
    sound_right_m float(53),
    wood varchar(40),
    note varchar(200),
    who varchar(1000),
    read_at timestamp(6) with time zone,
    read_cut_height_m float(53),
    read_lay_deg float(53),
    primary key (rev, stem_id)
);

create table zone_clip (
    stem_id varchar(60) not null,
    place integer not null,
    kind varchar(40) not null,
    outline varchar(20000) not null,
    reason varchar(200) not null,
    who varchar(1000),
    primary key (stem_id, place),
    foreign key (stem_id) references lay on delete cascade
);

create table zone_clip_trail (
    rev integer not null references revision,
    revtype tinyint not null,
    stem_id varchar(60) not null,
    place integer not null,
    kind varchar(40),
    outline varchar(20000),
    reason varchar(200),
    who varchar(1000),
    primary key (rev, stem_id, place, revtype)
);

