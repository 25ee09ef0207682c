-- A recipe may be cooked in several pots: what is done to which, and what is taken out of another.
alter table filling_step add column pot int not null default 0;
alter table filling_step add column from_pot int null;
alter table filling_step add column taken_g double null;
alter table filling_version_step add column pot int not null default 0;
alter table filling_version_step add column from_pot int null;
alter table filling_version_step add column taken_g double null;

create table filling_pot (
    filling_id varchar(64) not null,
    position   int         not null,
    name       varchar(40) not null,
    primary key (filling_id, position),
    constraint pot_filling foreign key (filling_id) references filling (id)
);

create table filling_version_pot (
    version_id bigint      not null,
    position   int         not null,
    name       varchar(40) not null,
    primary key (version_id, position),
    constraint pot_version foreign key (version_id) references filling_version (id)
);

-- Of a fruit as it is bought, what is left peeled, stoned and trimmed.
alter table ingredient add column edible_percent double null;

-- How big pieces are that are folded in.
alter table filling_step add column size_mm double null;
alter table filling_version_step add column size_mm double null;
