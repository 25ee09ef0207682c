-- What a bowl is melted with, and how hot or strong that is.
alter table house add column melt_by varchar(16) not null default 'BURSTS';
alter table house add column melt_at double not null default 0;
