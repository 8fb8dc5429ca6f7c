-- Place and stems in full: surroundings, machines, spot heights, underlay, photos; sightings as raw fields; wood by place; verdicts.

create table surroundings (
    job_id varchar(60) not null,
    ground varchar(40),
    light varchar(40),
    crown_load varchar(40),
    permits varchar(1000),
    nearest_help varchar(1000),
    route varchar(1000),
    grid_reference varchar(1000),
    phone_cover varchar(1000),
    first_aider varchar(1000),
    kit varchar(1000),
    rescue_plan varchar(1000),
    utility_line varchar(1000),
    access_widthm float(53),
    access_gradient_deg float(53),
    access_load_kg float(53),
    keep_off varchar(1000),
    anchor_latitude_deg float(53),
    anchor_longitude_deg float(53),
    grid_north_deg float(53),
    version bigint not null,
    primary key (job_id)
);

create table surroundings_trail (
    job_id varchar(60) not null,
    rev integer not null,
    revtype tinyint,
    ground varchar(40),
    light varchar(40),
    crown_load varchar(40),
    permits varchar(1000),
    nearest_help varchar(1000),
    route varchar(1000),
    grid_reference varchar(1000),
    phone_cover varchar(1000),
    first_aider varchar(1000),
    kit varchar(1000),
    rescue_plan varchar(1000),
    utility_line varchar(1000),
    access_widthm float(53),
    access_gradient_deg float(53),
    access_load_kg float(53),
    keep_off varchar(1000),
    anchor_latitude_deg float(53),
    anchor_longitude_deg float(53),
    grid_north_deg float(53),
    primary key (rev, job_id)
);

insert into surroundings (job_id, ground, light, crown_load, permits, nearest_help, route, grid_reference, phone_cover, first_aider, kit, rescue_plan, utility_line, keep_off, version)
    select id, 'FIRM', 'DAY', 'NONE', '', coalesce(nearest_help, ''), '', '', '', '', '', '', '', '', 0 from job;
alter table job drop column nearest_help;
alter table job_trail drop column nearest_help;

create table machine (
    id varchar(60) not null,
    job_id varchar(60),
    name varchar(1000),
    used_for varchar(40),
    widthm float(53) not null,
    mass_kg float(53) not null,
    grade_deg float(53) not null,
    pulln float(53),
    version bigint not null,
    primary key (id)
);

create table machine_trail (
    id varchar(60) not null,
    rev integer not null,
    revtype tinyint,
    job_id varchar(60),
    name varchar(1000),
    used_for varchar(40),
    widthm float(53),
    mass_kg float(53),
    grade_deg float(53),
    pulln float(53),
    primary key (rev, id)
);

create table spot_height (
    id varchar(60) not null,
    job_id varchar(60),
    eastm float(53) not null,
    northm float(53) not null,
    heightm float(53) not null,
    taken_how varchar(1000),
    who varchar(1000),
    taken_at timestamp(6) with time zone,
    version bigint not null,
    primary key (id)
);

create table spot_height_trail (
    id varchar(60) not null,
    rev integer not null,
    revtype tinyint,
    job_id varchar(60),
    eastm float(53),
    northm float(53),
    heightm float(53),
    taken_how varchar(1000),
    who varchar(1000),
    taken_at timestamp(6) with time zone,
    primary key (rev, id)
);

create table underlay (
    job_id varchar(60) not null,
    name varchar(1000),
    mime varchar(1000),
    width_px integer not null,
    height_px integer not null,
    metres_per_pixel float(53),
    turn_deg float(53),
    eastm float(53),
    northm float(53),
    picture blob,
    version bigint not null,
    primary key (job_id)
);

create table underlay_trail (
    job_id varchar(60) not null,
    rev integer not null,
    revtype tinyint,
    name varchar(1000),
    mime varchar(1000),
    width_px integer,
    height_px integer,
    metres_per_pixel float(53),
    turn_deg float(53),
    eastm float(53),
    northm float(53),
    primary key (rev, job_id)
);

alter table feature add column inside varchar(1000) default '';
alter table feature add column occupied varchar(1000) default '';
alter table feature add column voltage varchar(40);
alter table feature add column bed varchar(40);
alter table feature add column agreed_on varchar(1000) default '';
alter table feature add column slope_deg float(53);
alter table feature add column downhill_deg float(53);
alter table feature_trail add column inside varchar(1000);
alter table feature_trail add column occupied varchar(1000);
alter table feature_trail add column voltage varchar(40);
alter table feature_trail add column bed varchar(40);
alter table feature_trail add column agreed_on varchar(1000);
alter table feature_trail add column slope_deg float(53);
alter table feature_trail add column downhill_deg float(53);

alter table stem add column wood_left varchar(40);
alter table stem add column wood_right varchar(40);
alter table stem add column wood_back varchar(40);
alter table stem add column wood_core varchar(40);
alter table stem add column wood_crown varchar(40);
alter table stem add column wood_facing_deg float(53);
alter table stem add column union_with varchar(1000) default '';
alter table stem add column union_heightm float(53);
alter table stem add column verdict varchar(40);
alter table stem add column verdict_because varchar(1000) default '';
alter table stem add column closed_off varchar(1000) default '';
alter table stem add column told_whom varchar(1000) default '';
update stem set wood_left = wood, wood_right = wood, wood_back = wood, wood_core = wood, wood_crown = wood;
alter table stem drop column wood;
alter table stem_trail add column wood_left varchar(40);
alter table stem_trail add column wood_right varchar(40);
alter table stem_trail add column wood_back varchar(40);
alter table stem_trail add column wood_core varchar(40);
alter table stem_trail add column wood_crown varchar(40);
alter table stem_trail add column wood_facing_deg float(53);
alter table stem_trail add column union_with varchar(1000);
alter table stem_trail add column union_heightm float(53);
alter table stem_trail add column verdict varchar(40);
alter table stem_trail add column verdict_because varchar(1000);
alter table stem_trail add column closed_off varchar(1000);
alter table stem_trail add column told_whom varchar(1000);
update stem_trail set wood_left = wood, wood_right = wood, wood_back = wood, wood_core = wood, wood_crown = wood;
alter table stem_trail drop column wood;

alter table sighting add column job_id varchar(60);
alter table sighting add column raw varchar(2000);
alter table sighting add column state_then varchar(40);
alter table sighting add column simulated boolean default false not null;
alter table sighting add column by_crew boolean default false not null;
alter table sighting add column accepted_by varchar(1000);
alter table sighting add column accepted_at timestamp(6) with time zone;
alter table sighting add column set_aside varchar(1000);
alter table sighting add column set_aside_by varchar(1000);
update sighting set job_id = (select job_id from stem where stem.id = sighting.stem_id),
    state_then = (select case when state = 'FELLED' then 'STANDING' else state end from stem where stem.id = sighting.stem_id),
    raw = case kind
        when 'GIRTH' then '{"girthM":' || a || ',"barkM":' || coalesce(b, 0) || '}'
        when 'EYE_DIAMETER' then '{"diameterM":' || a || '}'
        when 'HEIGHT_ANGLES' then '{"mode":"horizontal","unit":"deg","distanceM":' || a || ',"top":' || b || ',"base":' || c || ',"groundSlopeDeg":0}'
        when 'EYE_HEIGHT' then '{"heightM":' || a || '}'
        when 'PLUMB_LEAN' then '{"leanDeg":' || a || ',"azimuthDeg":' || azimuth_deg || ',"sigmaDeg":' || sigma || '}'
        when 'EYE_LEAN' then '{"leanDeg":' || a || ',"azimuthDeg":' || azimuth_deg || '}'
        else '{"radiusM":' || a || '}' end;
alter table sighting drop column a;
alter table sighting drop column b;
alter table sighting drop column c;
alter table sighting drop column azimuth_deg;
create index sighting_of_job on sighting (job_id, taken_at);

alter table defect add column job_id varchar(60);
alter table defect add column widthm float(53);
alter table defect add column depthm float(53);
alter table defect add column tells varchar(1000) default '';
alter table defect add column by_crew boolean default false not null;
alter table defect add column set_aside varchar(1000);
alter table defect add column set_aside_by varchar(1000);
update defect set job_id = (select job_id from stem where stem.id = defect.stem_id), found = 'SEEN';
alter table defect alter column found varchar(40);
create index defect_of_job on defect (job_id, seen_at);

create table photo (
    id varchar(60) not null,
    job_id varchar(60),
    stem_id varchar(60),
    defect_id varchar(60),
    who varchar(1000),
    at timestamp(6) with time zone,
    width_px integer not null,
    height_px integer not null,
    latitude_deg float(53),
    longitude_deg float(53),
    jpeg blob,
    primary key (id)
);
create index photo_of_job on photo (job_id, at);
