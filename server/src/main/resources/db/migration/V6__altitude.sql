-- How high the workshop lies: syrups boil lower there.

alter table house
    add column altitude_m double not null default 0;
