-- Dipped, rolled, hollow and cut pieces: each kind has a table of its own, as the others.
alter table piece modify column mould_id varchar(64) null;
alter table piece modify column couverture_id varchar(64) null;

create table dipped_piece (
    id            varchar(64) not null primary key,
    filling_id    varchar(64) not null,
    shape         varchar(16) not null,
    mass_g        double,
    length_mm     double,
    width_mm      double,
    height_mm     double,
    forming       varchar(16) not null,
    bottom_mm     double      not null,
    coat_mm       double      not null,
    coated_twice  boolean     not null,
    dipped_share  double      not null,
    constraint dipped_is_a_piece foreign key (id) references piece (id),
    constraint dipped_filling foreign key (filling_id) references filling (id)
);

create table rolled_piece (
    id            varchar(64) not null primary key,
    filling_id    varchar(64) not null,
    shape         varchar(16) not null,
    mass_g        double,
    length_mm     double,
    width_mm      double,
    height_mm     double,
    forming       varchar(16) not null,
    bottom_mm     double      not null,
    constraint rolled_is_a_piece foreign key (id) references piece (id),
    constraint rolled_filling foreign key (filling_id) references filling (id)
);

create table hollow_figure (
    id             varchar(64) not null primary key,
    shell_mm       double      not null,
    parts          int         not null,
    joining        varchar(16) not null,
    base_across_mm double,
    base_thick_mm  double,
    constraint hollow_is_a_piece foreign key (id) references piece (id)
);

create table sheet_piece (
    id              varchar(64) not null primary key,
    thick_mm        double      not null,
    length_mm       double      not null,
    width_mm        double      not null,
    round_mm        double,
    hole_mm         double,
    plate_length_mm double,
    plate_width_mm  double,
    constraint sheet_is_a_piece foreign key (id) references piece (id)
);

-- What sticks to a piece, lies on it or is strewn over it.
create table piece_on (
    piece_id      varchar(64) not null,
    position      int         not null,
    ingredient_id varchar(64) not null,
    each_g        double      not null,
    placing       varchar(16) not null,
    primary key (piece_id, position),
    constraint on_piece foreign key (piece_id) references piece (id),
    constraint on_ingredient foreign key (ingredient_id) references ingredient (id)
);

-- Every filling of a piece, wherever it lies in it.
create view piece_filling as
    select piece_id, filling_id from piece_layer
    union select id, filling_id from dipped_piece
    union select id, filling_id from rolled_piece;

-- Coats on the scale: they correct the film of a dip for this couverture.
create table coat_weighing (
    id            varchar(64)  not null primary key,
    couverture_id varchar(64)  not null,
    coat_g        double       not null,
    planned_g     double       not null,
    factor        double       not null,
    note          varchar(400) not null,
    noted_at      datetime(6)  not null,
    voided        boolean      not null default false,
    constraint coat_weighing_couverture foreign key (couverture_id) references ingredient (id)
);
create index coat_weighing_of on coat_weighing (couverture_id, noted_at);
