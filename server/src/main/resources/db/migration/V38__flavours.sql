-- What is stirred into a part of a base, to make it the filling of a layer.
create table piece_flavour (
    piece_id      varchar(64) not null,
    position      int         not null,
    layer         int         not null,
    ingredient_id varchar(64) not null,
    per_100_g     double      not null,
    primary key (piece_id, position),
    constraint flavour_piece foreign key (piece_id) references piece (id),
    constraint flavour_ingredient foreign key (ingredient_id) references ingredient (id)
);
