-- The sign prices are shown with; empty where nobody has said.

alter table house
    add column currency varchar(8) not null default '';
