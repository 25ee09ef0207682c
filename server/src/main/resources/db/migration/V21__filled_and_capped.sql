-- A weighed mould goes on to be filled and capped: what both weigh, and of which filling.
alter table shell_weighing
    add column fill_g   double      null,
    add column cap_g    double      null,
    add column filling_id varchar(64) null,
    add constraint shell_weighing_filling foreign key (filling_id) references filling (id);
