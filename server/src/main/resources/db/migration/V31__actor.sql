-- Who wrote a line that is only ever added to. Until makers sign in that is the house.
alter table batch_entry      add column actor varchar(64) not null default 'house';
alter table bowl_event       add column actor varchar(64) not null default 'house';
alter table probe_reading    add column actor varchar(64) not null default 'house';
alter table filling_note     add column actor varchar(64) not null default 'house';
alter table filling_version  add column actor varchar(64) not null default 'house';
alter table ingredient_lot   add column actor varchar(64) not null default 'house';
alter table piece_tasting    add column actor varchar(64) not null default 'house';
alter table crunch_check     add column actor varchar(64) not null default 'house';
alter table shell_weighing   add column actor varchar(64) not null default 'house';
alter table coat_weighing    add column actor varchar(64) not null default 'house';
alter table demoulding       add column actor varchar(64) not null default 'house';
