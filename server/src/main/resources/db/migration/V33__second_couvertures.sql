-- A part of a dipped piece may be dipped again in another couverture.
alter table dipped_piece add column second_couverture_id varchar(64) null;
alter table dipped_piece add column second_mm double null;
alter table dipped_piece add column second_share double null;
alter table dipped_piece add column second_end varchar(16) null;
alter table dipped_piece
    add constraint dipped_second foreign key (second_couverture_id) references ingredient (id);
