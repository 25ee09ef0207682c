-- What went in by taste at the bench, as a share of all that was weighed in.
create table filling_dose (
    id            varchar(64)  not null primary key,
    filling_id    varchar(64)  not null,
    ingredient_id varchar(64)  not null,
    share         double       not null,
    noted_at      datetime(3)  not null,
    actor         varchar(64)  not null default 'house',
    key dose_filling (filling_id, noted_at),
    constraint dose_filling foreign key (filling_id) references filling (id),
    constraint dose_ingredient foreign key (ingredient_id) references ingredient (id)
);
