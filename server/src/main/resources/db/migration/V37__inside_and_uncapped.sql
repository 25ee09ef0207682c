-- A second filling, piped into the middle of a layer.
alter table piece_layer add column inside_filling_id varchar(64) null;
alter table piece_layer add column inside_g double null;
alter table piece_layer
    add constraint layer_inside foreign key (inside_filling_id) references filling (id);
-- Halves that are joined as they are filled, with no cap between them.
alter table moulded_piece add column uncapped boolean not null default false;

create or replace view piece_filling as
    select piece_id, filling_id from piece_layer
    union select piece_id, inside_filling_id from piece_layer where inside_filling_id is not null
    union select id, filling_id from dipped_piece
    union select id, filling_id from rolled_piece;
