-- The sorts of tree a house meets most, each with what it begins with.
create table tree_template (
    id varchar(60) not null primary key,
    name varchar(60) not null,
    species varchar(40),
    wood varchar(40),
    lean_deg float(53),
    means varchar(40),
    version bigint not null
);

create table tree_template_trail (
    id varchar(60) not null,
    rev integer not null references revision,
    revtype tinyint,
    name varchar(60),
    species varchar(40),
    wood varchar(40),
    lean_deg float(53),
    means varchar(40),
    primary key (rev, id)
);

insert into tree_template (id, name, species, wood, lean_deg, means, version) values
    ('straight-wedges', 'straight, wedges', null, null, 0, 'WEDGES', 0),
    ('dead-conifer-line', 'dead conifer, hand line', 'PICEA', 'DEAD_RECENT', null, 'HAND_LINE', 0),
    ('back-leaner-machine', 'leans back, machine', null, null, null, 'MACHINE_LINE', 0);
