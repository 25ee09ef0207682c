-- Moulds of any shape, written on screen; and what is put away rather than lost.
alter table mould
    add column floor_mm  double      not null default 0 after depth_mm,
    add column water_g   double      not null default 0 after draft_degrees,
    add column water_c   double      not null default 20 after water_g,
    add column rows_of   int         not null default 1 after cavities,
    add column material  varchar(16) not null default 'POLYCARBONATE' after owned,
    add column build     varchar(16) not null default 'OPEN' after material,
    add column wall_mm   double      not null default 2 after build,
    add column scratched boolean     not null default false after wall_mm,
    add column archived  boolean     not null default false after scratched;

create table mould_point (
    mould_id  varchar(64) not null,
    position  int         not null,
    across_mm double      not null,
    down_mm   double      not null,
    primary key (mould_id, position),
    constraint point_mould foreign key (mould_id) references mould (id)
);

create table mould_last_held (
    mould_id varchar(64) not null,
    allergen varchar(16) not null,
    primary key (mould_id, allergen),
    constraint held_mould foreign key (mould_id) references mould (id)
);

alter table ingredient add column archived boolean not null default false;
alter table filling add column archived boolean not null default false;
alter table piece add column archived boolean not null default false;
