-- What the workshop owns and makes.

create table house (
    id                   int          not null primary key,
    name                 varchar(120) not null,
    room_temperature_c   double       not null,
    humidity_percent     double       not null,
    temperature_unit     varchar(16)  not null,
    mass_unit            varchar(16)  not null,
    dark_window          varchar(16)  not null,
    seed_school          varchar(16)  not null,
    moulds_in_rotation   int          not null,
    bowl_reserve         double       not null,
    filling_surplus      double       not null,
    heat_power_w         double       not null,
    heat_efficiency      double       not null,
    version              bigint       not null
);

create table cabinet (
    house_id      int          not null,
    position      int          not null,
    name          varchar(120) not null,
    temperature_c double       not null,
    primary key (house_id, position),
    constraint cabinet_house foreign key (house_id) references house (id)
);

create table ingredient (
    id               varchar(64)  not null primary key,
    name             varchar(120) not null,
    density_g_per_ml double       not null,
    couverture_kind  varchar(16),
    source_kind      varchar(16)  not null,
    source_citation  varchar(500) not null,
    source_from_memory boolean    not null,
    version          bigint       not null,
    key ingredient_name (name),
    key ingredient_couverture (couverture_kind)
);

create table ingredient_component (
    ingredient_id varchar(64) not null,
    component     varchar(32) not null,
    grams_per_100 double      not null,
    primary key (ingredient_id, component),
    constraint component_ingredient foreign key (ingredient_id) references ingredient (id)
);

create table ingredient_allergen (
    ingredient_id varchar(64) not null,
    allergen      varchar(32) not null,
    primary key (ingredient_id, allergen),
    constraint allergen_ingredient foreign key (ingredient_id) references ingredient (id)
);

create table mould (
    id            varchar(64)  not null primary key,
    name          varchar(120) not null,
    shape         varchar(16)  not null,
    length_mm     double       not null,
    width_mm      double       not null,
    depth_mm      double       not null,
    draft_degrees double       not null,
    cavities      int          not null,
    owned         int          not null,
    version       bigint       not null,
    key mould_name (name)
);

create table filling (
    id      varchar(64)  not null primary key,
    name    varchar(120) not null,
    aqueous boolean      not null,
    version bigint       not null,
    key filling_name (name)
);

create table filling_line (
    filling_id    varchar(64) not null,
    position      int         not null,
    ingredient_id varchar(64) not null,
    amount        double      not null,
    unit          varchar(16) not null,
    primary key (filling_id, position),
    constraint line_filling foreign key (filling_id) references filling (id),
    constraint line_ingredient foreign key (ingredient_id) references ingredient (id)
);

create table piece (
    id             varchar(64)  not null primary key,
    name           varchar(120) not null,
    story          varchar(500) not null,
    mould_id       varchar(64)  not null,
    couverture_id  varchar(64)  not null,
    shell_mm       double       not null,
    head_room_mm   double       not null,
    colour_name    varchar(120),
    colour_film_mm double,
    version        bigint       not null,
    key piece_name (name),
    constraint piece_mould foreign key (mould_id) references mould (id),
    constraint piece_couverture foreign key (couverture_id) references ingredient (id)
);

create table piece_layer (
    piece_id   varchar(64) not null,
    position   int         not null,
    filling_id varchar(64) not null,
    share      double      not null,
    primary key (piece_id, position),
    constraint layer_piece foreign key (piece_id) references piece (id),
    constraint layer_filling foreign key (filling_id) references filling (id)
);

-- The one house, as an ordinary room stands before anybody has set its rules.
insert into house values
    (1, 'Workshop', 20, 50, 'CELSIUS', 'GRAM', 'LOW', 'THIRD', 2, 0.25, 0.08, 600, 0.6, 0);
insert into cabinet values (1, 0, 'Cabinet', 12);
