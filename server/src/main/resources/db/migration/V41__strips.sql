-- Strips cut beside so many rounds or rings of a sheet; null where all of it is rounds.
alter table sheet_piece add column beside_rounds int null;
alter table sheet_piece add column strip_mm double null;
alter table sheet_piece add column strip_across_mm double null;
