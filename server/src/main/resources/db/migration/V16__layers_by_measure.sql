-- Layers by grams, millimetres, share or rest; what is set into them whole; the label's weight.
alter table piece_layer
    add column amount_kind varchar(8) not null default 'SHARE' after filling_id,
    change column share amount double not null;

create table piece_insert (
    piece_id      varchar(64) not null,
    position      int         not null,
    layer         int         not null,
    ingredient_id varchar(64) not null,
    each_g        double      not null,
    primary key (piece_id, position),
    constraint insert_piece foreign key (piece_id) references moulded_piece (id),
    constraint insert_ingredient foreign key (ingredient_id) references ingredient (id)
);

alter table piece add column label_g double;
