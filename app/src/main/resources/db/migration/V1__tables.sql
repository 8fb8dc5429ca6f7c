-- Tables of Antevid. *_trail tables hold every revision of a record that two people can edit.

create table acknowledgement (
    at timestamp(6) with time zone,
    finding_key varchar(1000),
    id varchar(60) not null,
    job_id varchar(60),
    who varchar(1000),
    words varchar(1000),
    primary key (id)
);

create table briefing (
    number integer not null,
    issued_at timestamp(6) with time zone,
    hash varchar(1000),
    id varchar(60) not null,
    issued_by varchar(1000),
    job_id varchar(60),
    findings clob,
    plan clob,
    primary key (id)
);

create table defect (
    face_deg float(53) not null,
    fromm float(53) not null,
    tom float(53) not null,
    seen_at timestamp(6) with time zone,
    extent varchar(1000),
    found varchar(1000),
    id varchar(60) not null,
    note varchar(1000),
    stem_id varchar(60),
    who varchar(1000),
    kind varchar(40),
    primary key (id)
);

create table feature (
    may_be_hit boolean not null,
    protection_done boolean not null,
    radiusm float(53) not null,
    worth integer not null,
    version bigint not null,
    outline varchar(20000),
    agreed_by varchar(1000),
    id varchar(60) not null,
    job_id varchar(60),
    name varchar(1000),
    protected_by varchar(1000),
    taken_how varchar(1000),
    form varchar(40),
    kind varchar(40),
    protection varchar(40),
    primary key (id)
);

create table feature_trail (
    may_be_hit boolean,
    protection_done boolean,
    radiusm float(53),
    rev integer not null,
    revtype tinyint,
    worth integer,
    outline varchar(20000),
    agreed_by varchar(1000),
    id varchar(60) not null,
    job_id varchar(60),
    name varchar(1000),
    protected_by varchar(1000),
    taken_how varchar(1000),
    form varchar(40),
    kind varchar(40),
    protection varchar(40),
    primary key (rev, id)
);

create table hang (
    hand_winchn float(53),
    locked_in_fork boolean not null,
    tractor_winchn float(53),
    version bigint not null,
    closure varchar(1000),
    guard_name varchar(1000),
    job_id varchar(60),
    stem_id varchar(60) not null,
    primary key (stem_id)
);

create table hang_trail (
    hand_winchn float(53),
    locked_in_fork boolean,
    rev integer not null,
    revtype tinyint,
    tractor_winchn float(53),
    closure varchar(1000),
    guard_name varchar(1000),
    job_id varchar(60),
    stem_id varchar(60) not null,
    primary key (rev, stem_id)
);

create table hold_call (
    called_at timestamp(6) with time zone,
    lifted_at timestamp(6) with time zone,
    version bigint not null,
    id varchar(60) not null,
    job_id varchar(60),
    lift_reason varchar(1000),
    lifted_by varchar(1000),
    person_id varchar(60),
    reason varchar(1000),
    who varchar(1000),
    primary key (id)
);

create table hold_receipt (
    received_at timestamp(6) with time zone,
    hold_id varchar(60),
    id varchar(60) not null,
    person_id varchar(60),
    who varchar(1000),
    state varchar(40),
    primary key (id)
);

create table house_rules (
    exclusion_lengths float(53) not null,
    sound_sigma_deg float(53) not null,
    wind_limit_ms float(53) not null,
    version bigint not null,
    id varchar(60) not null,
    primary key (id)
);

create table house_rules_trail (
    exclusion_lengths float(53),
    rev integer not null,
    revtype tinyint,
    sound_sigma_deg float(53),
    wind_limit_ms float(53),
    id varchar(60) not null,
    primary key (rev, id)
);

create table job (
    closed boolean not null,
    downhill_deg float(53) not null,
    slope_deg float(53) not null,
    visit_on date,
    wind_limit_ms float(53) not null,
    version bigint not null,
    code varchar(1000),
    id varchar(60) not null,
    meeting_point varchar(1000),
    name varchar(1000),
    nearest_help varchar(1000),
    place varchar(1000),
    primary key (id)
);

create table job_member (
    joined_at timestamp(6) with time zone,
    version bigint not null,
    id varchar(60) not null,
    job_id varchar(60),
    person_id varchar(60),
    pin_hash varchar(1000),
    part varchar(40),
    primary key (id)
);

create table job_member_trail (
    rev integer not null,
    revtype tinyint,
    joined_at timestamp(6) with time zone,
    id varchar(60) not null,
    job_id varchar(60),
    person_id varchar(60),
    pin_hash varchar(1000),
    part varchar(40),
    primary key (rev, id)
);

create table job_trail (
    closed boolean,
    downhill_deg float(53),
    rev integer not null,
    revtype tinyint,
    slope_deg float(53),
    visit_on date,
    wind_limit_ms float(53),
    code varchar(1000),
    id varchar(60) not null,
    meeting_point varchar(1000),
    name varchar(1000),
    nearest_help varchar(1000),
    place varchar(1000),
    primary key (rev, id)
);

create table lay (
    anchor_distm float(53),
    barm float(53) not null,
    cut_heightm float(53) not null,
    fixed boolean not null,
    lay_deg float(53) not null,
    pulln float(53),
    rope_heightm float(53),
    version bigint not null,
    drop_zone varchar(20000),
    job_id varchar(60),
    stem_id varchar(60) not null,
    means varchar(40),
    school varchar(40),
    primary key (stem_id)
);

create table lay_trail (
    anchor_distm float(53),
    barm float(53),
    cut_heightm float(53),
    fixed boolean,
    lay_deg float(53),
    pulln float(53),
    rev integer not null,
    revtype tinyint,
    rope_heightm float(53),
    drop_zone varchar(20000),
    job_id varchar(60),
    stem_id varchar(60) not null,
    means varchar(40),
    school varchar(40),
    primary key (rev, stem_id)
);

create table lesson (
    at timestamp(6) with time zone,
    id varchar(60) not null,
    job_id varchar(60),
    who varchar(1000),
    words varchar(1000),
    primary key (id)
);

create table log_entry (
    at timestamp(6) with time zone,
    id bigint generated by default as identity,
    job_id varchar(60),
    who varchar(1000),
    words varchar(1000),
    primary key (id)
);

create table opinion (
    by_telephone boolean not null,
    taken_at timestamp(6) with time zone,
    entered_by varchar(1000),
    finding_key varchar(1000),
    id varchar(60) not null,
    job_id varchar(60),
    phone varchar(1000),
    shown varchar(1000),
    taker_id varchar(60),
    primary key (id)
);

create table outcome (
    bearing_deg float(53) not null,
    distancem float(53) not null,
    hinge_left_mm float(53),
    hinge_length_mm float(53),
    hinge_right_mm float(53),
    at timestamp(6) with time zone,
    version bigint not null,
    id varchar(60) not null,
    job_id varchar(60),
    stem varchar(1000),
    surprise varchar(1000),
    who varchar(1000),
    primary key (id)
);

create table outcome_trail (
    bearing_deg float(53),
    distancem float(53),
    hinge_left_mm float(53),
    hinge_length_mm float(53),
    hinge_right_mm float(53),
    rev integer not null,
    revtype tinyint,
    at timestamp(6) with time zone,
    id varchar(60) not null,
    job_id varchar(60),
    stem varchar(1000),
    surprise varchar(1000),
    who varchar(1000),
    primary key (rev, id)
);

create table person (
    version bigint not null,
    id varchar(60) not null,
    name varchar(1000),
    passphrase_hash varchar(1000),
    office varchar(40),
    primary key (id)
);

create table person_competence (
    person_record_id varchar(60) not null,
    competence varchar(40)
);

create table person_competence_trail (
    rev integer not null,
    revtype tinyint,
    person_record_id varchar(60) not null,
    competence varchar(40) not null,
    primary key (rev, person_record_id, competence)
);

create table person_trail (
    rev integer not null,
    revtype tinyint,
    id varchar(60) not null,
    name varchar(1000),
    passphrase_hash varchar(1000),
    office varchar(40),
    primary key (rev, id)
);

create table readiness (
    ready_at timestamp(6) with time zone,
    id varchar(60) not null,
    job_id varchar(60),
    person_id varchar(60),
    step_id varchar(60),
    primary key (id)
);

create table relation (
    version bigint not null,
    a varchar(1000),
    b varchar(1000),
    id varchar(60) not null,
    job_id varchar(60),
    type varchar(40),
    primary key (id)
);

create table relation_trail (
    rev integer not null,
    revtype tinyint,
    a varchar(1000),
    b varchar(1000),
    id varchar(60) not null,
    job_id varchar(60),
    type varchar(40),
    primary key (rev, id)
);

create table revision (
    id integer generated by default as identity,
    at_ms bigint not null,
    who varchar(1000),
    primary key (id)
);

create table run_state (
    going boolean not null,
    go_at timestamp(6) with time zone,
    signal_tried_at timestamp(6) with time zone,
    version bigint not null,
    job_id varchar(60) not null,
    signal_tried_by varchar(1000),
    primary key (job_id)
);

create table sighting (
    a float(53),
    azimuth_deg float(53),
    b float(53),
    c float(53),
    quantity float(53) not null,
    sigma float(53) not null,
    taken_at timestamp(6) with time zone,
    id varchar(60) not null,
    instrument varchar(1000),
    stem_id varchar(60),
    who varchar(1000),
    kind varchar(40),
    primary key (id)
);

create table signature (
    signed_at timestamp(6) with time zone,
    briefing_id varchar(60),
    id varchar(60) not null,
    person_id varchar(60),
    primary key (id)
);

create table stem (
    eastm float(53) not null,
    northm float(53) not null,
    to_be_kept boolean not null,
    version bigint not null,
    id varchar(60) not null,
    job_id varchar(60),
    label varchar(1000),
    note varchar(1000),
    crown varchar(40),
    shape varchar(40),
    species varchar(40),
    state varchar(40),
    wood varchar(40),
    primary key (id)
);

create table stem_trail (
    eastm float(53),
    northm float(53),
    rev integer not null,
    revtype tinyint,
    to_be_kept boolean,
    id varchar(60) not null,
    job_id varchar(60),
    label varchar(1000),
    note varchar(1000),
    crown varchar(40),
    shape varchar(40),
    species varchar(40),
    state varchar(40),
    wood varchar(40),
    primary key (rev, id)
);

create table step (
    done boolean not null,
    end_min integer not null,
    start_min integer not null,
    turn integer not null,
    version bigint not null,
    id varchar(60) not null,
    job_id varchar(60),
    stem varchar(1000),
    kind varchar(40),
    primary key (id)
);

create table step_post (
    place integer not null,
    stande float(53),
    standn float(53),
    person_id varchar(60),
    step_record_id varchar(60) not null,
    role varchar(40),
    primary key (place, step_record_id)
);

create table step_post_trail (
    place integer not null,
    rev integer not null,
    revtype tinyint not null,
    stande float(53),
    standn float(53),
    person_id varchar(60),
    step_record_id varchar(60) not null,
    role varchar(40),
    primary key (place, rev, revtype, step_record_id)
);

create table step_trail (
    done boolean,
    end_min integer,
    rev integer not null,
    revtype tinyint,
    start_min integer,
    turn integer,
    id varchar(60) not null,
    job_id varchar(60),
    stem varchar(1000),
    kind varchar(40),
    primary key (rev, id)
);

alter table if exists feature_trail 
       add constraint FKevgbdgoc4c84mol0as7vbpya2 
       foreign key (rev) 
       references revision;

alter table if exists hang_trail 
       add constraint FKfnkgwkt44rg54075rg7ss8y1k 
       foreign key (rev) 
       references revision;

alter table if exists house_rules_trail 
       add constraint FKopk52oo0hg24nhifkmcd43qbo 
       foreign key (rev) 
       references revision;

alter table if exists job_member_trail 
       add constraint FK1d6as8acpyf8prsbivssx7vv1 
       foreign key (rev) 
       references revision;

alter table if exists job_trail 
       add constraint FKok9fayfwa1enusa5cmxd2tn6b 
       foreign key (rev) 
       references revision;

alter table if exists lay_trail 
       add constraint FKtaobyiaiofknjocqka2rm0pe4 
       foreign key (rev) 
       references revision;

alter table if exists outcome_trail 
       add constraint FKqo7mfs6kgos5d33o5fs09bvu2 
       foreign key (rev) 
       references revision;

alter table if exists person_competence 
       add constraint FKskrpb1qee5i4y5m0dhwaqtswt 
       foreign key (person_record_id) 
       references person;

alter table if exists person_competence_trail 
       add constraint FKnktudmnpl9vqj9clbbjf40f1p 
       foreign key (rev) 
       references revision;

alter table if exists person_trail 
       add constraint FKjk1ienm3sbfg3ex19pskf7j9k 
       foreign key (rev) 
       references revision;

alter table if exists relation_trail 
       add constraint FKopo6i9s502si06r0f06kgcgns 
       foreign key (rev) 
       references revision;

alter table if exists stem_trail 
       add constraint FK37rel9hb32m68fwib2r5gclct 
       foreign key (rev) 
       references revision;

alter table if exists step_post 
       add constraint FK2t12yt1ymsnbugrbs3afyl7by 
       foreign key (step_record_id) 
       references step;

alter table if exists step_post_trail 
       add constraint FK6gd0apjtj7vha8ya4yj6ll0lw 
       foreign key (rev) 
       references revision;

alter table if exists step_trail 
       add constraint FKfo9im7djlq1ksmfomodahg5lc 
       foreign key (rev) 
       references revision;

alter table person add constraint person_name unique (name);
alter table job add constraint job_code unique (code);
alter table job_member add constraint member_once unique (job_id, person_id);
alter table stem add constraint stem_label unique (job_id, label);
alter table briefing add constraint briefing_number unique (job_id, number);
alter table signature add constraint signature_once unique (briefing_id, person_id);
alter table job_member add constraint member_job foreign key (job_id) references job;
alter table job_member add constraint member_person foreign key (person_id) references person;
alter table feature add constraint feature_job foreign key (job_id) references job;
alter table stem add constraint stem_job foreign key (job_id) references job;
alter table sighting add constraint sighting_stem foreign key (stem_id) references stem;
alter table defect add constraint defect_stem foreign key (stem_id) references stem;
alter table lay add constraint lay_stem foreign key (stem_id) references stem;
alter table hang add constraint hang_stem foreign key (stem_id) references stem;
alter table relation add constraint relation_job foreign key (job_id) references job;
alter table step add constraint step_job foreign key (job_id) references job;
alter table briefing add constraint briefing_job foreign key (job_id) references job;
alter table signature add constraint signature_briefing foreign key (briefing_id) references briefing;
alter table hold_receipt add constraint receipt_hold foreign key (hold_id) references hold_call;
create index sighting_by_stem on sighting (stem_id);
create index defect_by_stem on defect (stem_id);
create index feature_by_job on feature (job_id);
create index log_by_job on log_entry (job_id);
