-- Figures a house has set for the wood of a genus, and what they rest on.
create table house_wood (
    house_id varchar(60) not null references house_rules on delete cascade,
    species varchar(40) not null,
    density_low_kgm3 float(53) not null,
    density_kgm3 float(53) not null,
    density_high_kgm3 float(53) not null,
    holds_mpa float(53) not null,
    bends_mpa float(53) not null,
    moe_gpa float(53) not null,
    hinge varchar(40) not null,
    split varchar(40) not null,
    source varchar(200) not null,
    primary key (house_id, species)
);

create table house_wood_trail (
    rev integer not null references revision,
    revtype tinyint not null,
    house_id varchar(60) not null,
    species varchar(40) not null,
    density_low_kgm3 float(53),
    density_kgm3 float(53),
    density_high_kgm3 float(53),
    holds_mpa float(53),
    bends_mpa float(53),
    moe_gpa float(53),
    hinge varchar(40),
    split varchar(40),
    source varchar(200),
    primary key (rev, house_id, species)
);
