-- Somebody without work here who is on the site, what they were told and said back. Lines are never changed but for what
-- they were told again and that they left.
create table visitor (
    id varchar(60) not null primary key,
    job_id varchar(60) not null references job,
    name varchar(80) not null,
    kind varchar(20) not null check (kind in ('CLIENT', 'NEIGHBOUR', 'DELIVERY', 'OFFICIAL', 'OTHER')),
    told_by varchar(120) not null,
    told_at timestamp(6) with time zone not null,
    told_ring_m double precision,
    told_wait_at varchar(200) not null,
    left_at timestamp(6) with time zone,
    left_by varchar(120)
);
create index visitor_of_job on visitor (job_id, told_at);
