-- Which words of its region a house says for parts of a cut.
create table house_word (
    house_id varchar(60) not null references house_rules on delete cascade,
    word varchar(40) not null,
    primary key (house_id, word)
);

create table house_word_trail (
    rev integer not null references revision,
    revtype tinyint not null,
    house_id varchar(60) not null,
    word varchar(40) not null,
    primary key (rev, house_id, word)
);
