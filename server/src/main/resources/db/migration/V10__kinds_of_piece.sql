-- Pieces are a family: what all have stays in piece, each kind has a table of its own.
alter table piece add column kind varchar(16) not null default 'MOULDED' after id;

create table moulded_piece (
    id           varchar(64) not null primary key,
    shell_mm     double      not null,
    head_room_mm double      not null,
    constraint moulded_is_a_piece foreign key (id) references piece (id)
);
insert into moulded_piece select id, shell_mm, head_room_mm from piece;
alter table piece drop column shell_mm, drop column head_room_mm;
alter table piece_layer drop foreign key layer_piece;
alter table piece_layer
    add constraint layer_piece foreign key (piece_id) references moulded_piece (id);

create table solid_piece (
    id           varchar(64) not null primary key,
    relief_mm    double,
    relief_share double,
    constraint solid_is_a_piece foreign key (id) references piece (id)
);
create table solid_inclusion (
    piece_id      varchar(64) not null,
    position      int         not null,
    ingredient_id varchar(64) not null,
    each_g        double      not null,
    placing       varchar(16) not null,
    primary key (piece_id, position),
    constraint inclusion_piece foreign key (piece_id) references solid_piece (id),
    constraint inclusion_ingredient foreign key (ingredient_id) references ingredient (id)
);
