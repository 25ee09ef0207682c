-- Two filled halves may be joined; a sheet may be of two colours.
alter table moulded_piece add column joined varchar(16) null;
alter table sheet_piece add column second_couverture_id varchar(64) null;
alter table sheet_piece add column second_share double null;
alter table sheet_piece add column second_pattern varchar(16) null;
alter table sheet_piece
    add constraint sheet_second foreign key (second_couverture_id) references ingredient (id);
