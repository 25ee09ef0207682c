-- Fillings as recipes of operations, with versions, notes and measurements; more of an ingredient.

alter table ingredient
    add column ph           double,
    add column piece_g      double,
    add column price_per_kg double,
    add column estimated    boolean not null default false;

create table ingredient_nature (
    ingredient_id varchar(64) not null,
    nature        varchar(16) not null,
    primary key (ingredient_id, nature),
    constraint nature_ingredient foreign key (ingredient_id) references ingredient (id)
);

create table ingredient_lot (
    id            uuid         not null primary key,
    ingredient_id varchar(64)  not null,
    code          varchar(64)  not null,
    best_before   date,
    grams         double,
    note          varchar(500) not null,
    key lot_ingredient (ingredient_id, best_before),
    constraint lot_ingredient foreign key (ingredient_id) references ingredient (id)
);

alter table filling
    drop column aqueous,
    add column style  varchar(24) not null default 'SOFT_SHELL',
    add column number int         not null default 1;

alter table filling_line
    add column step int not null default 0;

create table filling_step (
    filling_id    varchar(64) not null,
    position      int         not null,
    kind          varchar(24) not null,
    temperature_c double,
    minutes       double,
    hours         double,
    mass_g        double,
    percent       double,
    retention     double,
    width_mm      double,
    primary key (filling_id, position),
    constraint step_filling foreign key (filling_id) references filling (id)
);

-- What was stirred together before had no operations: one that adds everything stands for it.
insert into filling_step (filling_id, position, kind)
    select id, 0, 'ADD' from filling;

create table filling_version (
    id         bigint       not null auto_increment primary key,
    filling_id varchar(64)  not null,
    number     int          not null,
    saved_at   datetime(3)  not null,
    note       varchar(500) not null,
    unique key version_number (filling_id, number),
    constraint version_filling foreign key (filling_id) references filling (id)
);

create table filling_version_step (
    version_id    bigint      not null,
    position      int         not null,
    kind          varchar(24) not null,
    temperature_c double,
    minutes       double,
    hours         double,
    mass_g        double,
    percent       double,
    retention     double,
    width_mm      double,
    primary key (version_id, position),
    constraint step_version foreign key (version_id) references filling_version (id)
);

create table filling_version_line (
    version_id    bigint      not null,
    position      int         not null,
    step          int         not null,
    ingredient_id varchar(64) not null,
    amount        double      not null,
    unit          varchar(16) not null,
    primary key (version_id, position),
    constraint line_version foreign key (version_id) references filling_version (id),
    constraint version_line_ingredient foreign key (ingredient_id) references ingredient (id)
);

create table filling_note (
    id         uuid         not null primary key,
    filling_id varchar(64)  not null,
    number     int          not null,
    noted_at   datetime(3)  not null,
    kind       varchar(24)  not null,
    measured   double,
    score      int,
    words      varchar(1000) not null,
    key note_filling (filling_id, noted_at),
    constraint note_filling foreign key (filling_id) references filling (id)
);

create table crunch_check (
    id       uuid         not null primary key,
    piece_id varchar(64)  not null,
    noted_at datetime(3)  not null,
    days     double       not null,
    crisp    boolean      not null,
    barrier_mm double     not null,
    words    varchar(500) not null,
    key crunch_piece (piece_id, noted_at),
    constraint crunch_piece foreign key (piece_id) references piece (id)
);

-- What is in the books already is the first version of itself.
insert into filling_version (filling_id, number, saved_at, note)
    select id, 1, utc_timestamp(3), 'as it was' from filling;

insert into filling_version_step (version_id, position, kind)
    select id, 0, 'ADD' from filling_version;

insert into filling_version_line (version_id, position, step, ingredient_id, amount, unit)
    select v.id, l.position, l.step, l.ingredient_id, l.amount, l.unit
    from filling_version v join filling_line l on l.filling_id = v.filling_id;
