-- What a tie does, and whether it can be cut from outside the ring.
alter table relation add column carries varchar(40) default 'NOT_KNOWN' not null;
alter table relation add column sever_from varchar(40) default 'NOT_KNOWN' not null;
alter table relation_trail add column carries varchar(40);
alter table relation_trail add column sever_from varchar(40);

-- Where a stem lies. Every look is a row of its own; the newest counts, none is overwritten.
create table pose (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    butt_e double precision not null,
    butt_n double precision not null,
    butt_h_m double precision not null check (butt_h_m >= 0),
    tip_e double precision not null,
    tip_n double precision not null,
    tip_h_m double precision not null check (tip_h_m >= 0),
    taken_how varchar(40) not null,
    sigma_m double precision not null check (sigma_m >= 0),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index pose_of_job on pose (job_id, at);

-- Where it touches something; one that no longer does is ended, not deleted.
create table rest (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    x_m double precision not null check (x_m >= 0),
    rests_on varchar(40) not null,
    other varchar(60),
    side varchar(40) not null,
    gap_m double precision not null,
    fibres varchar(40),
    certainty varchar(40) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null,
    ended_by varchar(200),
    ended_at timestamp(6) with time zone
);
create index rest_of_job on rest (job_id, at);

-- A plate turned up, a stem bent into a bow, a part nobody saw: the newest of each stem counts.
create table raised_plate (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    width_m double precision not null check (width_m > 0),
    height_m double precision not null check (height_m > 0),
    thick_m double precision not null check (thick_m > 0),
    psi_deg double precision not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index raised_plate_of_job on raised_plate (job_id, at);

create table bow (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    chord_m double precision not null check (chord_m > 0),
    rise_m double precision not null check (rise_m > 0),
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index bow_of_job on bow (job_id, at);

create table hidden_part (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    from_m double precision not null check (from_m >= 0),
    to_m double precision not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null,
    ended_by varchar(200),
    ended_at timestamp(6) with time zone,
    check (to_m > from_m)
);
create index hidden_part_of_job on hidden_part (job_id, at);

-- What the kerf of a first cut did: the measurement.
create table kerf (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    stem_id varchar(60) not null references stem on delete cascade,
    x_m double precision not null check (x_m >= 0),
    did varchar(40) not null,
    who varchar(200) not null,
    at timestamp(6) with time zone not null
);
create index kerf_of_job on kerf (job_id, at);
