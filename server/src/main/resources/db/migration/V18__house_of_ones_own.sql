-- Coloured cocoa butters as things of their own.
create table colour (
    id            varchar(64)  not null primary key,
    name          varchar(120) not null,
    base          varchar(24)  not null,
    share_percent double       not null,
    strained      boolean      not null,
    use_c         double       not null,
    left_g        double       not null,
    tint          char(7)      not null,
    archived      boolean      not null default false,
    version       bigint       not null
);

-- Several coats in order, and finishings, in place of one colour.
create table piece_coat (
    piece_id  varchar(64) not null,
    position  int         not null,
    colour_id varchar(64),
    name      varchar(120) not null,
    film_mm   double      not null,
    how       varchar(16) not null,
    primary key (piece_id, position),
    constraint coat_piece foreign key (piece_id) references piece (id),
    constraint coat_colour foreign key (colour_id) references colour (id)
);
insert into piece_coat (piece_id, position, name, film_mm, how)
select id, 0, colour_name, colour_film_mm, 'SPRAYED' from piece where colour_name is not null;
alter table piece drop column colour_name, drop column colour_film_mm;

create table piece_finish (
    piece_id varchar(64)  not null,
    position int          not null,
    kind     varchar(16)  not null,
    words    varchar(120) not null,
    primary key (piece_id, position),
    constraint finish_piece foreign key (piece_id) references piece (id)
);

alter table moulded_piece
    add column cap_couverture_id varchar(64),
    add constraint cap_of foreign key (cap_couverture_id) references ingredient (id);

-- Mixtures of couvertures, and how much a bag holds.
create table ingredient_part (
    ingredient_id varchar(64) not null,
    position      int         not null,
    part_id       varchar(64) not null,
    percent       double      not null,
    primary key (ingredient_id, position),
    constraint mixture foreign key (ingredient_id) references ingredient (id),
    constraint part_of_mixture foreign key (part_id) references ingredient (id)
);
alter table ingredient add column bag_pack_kg double;

-- Cavities unlike the rest, and a photo to draw over.
alter table mould
    add column unlike int     not null default 0 after cavities,
    add column photo  boolean not null default false;
create table mould_photo (
    mould_id varchar(64) not null primary key,
    type     varchar(32) not null,
    picture  longblob  not null,
    constraint photo_mould foreign key (mould_id) references mould (id)
);

-- What stands in the workshop.
alter table cabinet
    add column air    varchar(16) not null default 'MOVING',
    add column moulds int;
create table tool (
    house_id     int          not null,
    position     int          not null,
    kind         varchar(16)  not null,
    name         varchar(120) not null,
    step_g       double,
    most_g       double,
    error_k      double,
    surface_only boolean,
    holds_g      double,
    primary key (house_id, position),
    constraint tool_house foreign key (house_id) references house (id)
);
