-- A decoration plate of a sheet, laid on a dipped piece.
alter table dipped_piece add column plate_id varchar(64) null;
alter table dipped_piece
    add constraint dipped_plate foreign key (plate_id) references piece (id);
