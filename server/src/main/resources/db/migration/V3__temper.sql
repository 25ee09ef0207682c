-- What the workshop tempers with, and the bowls it has tempered.

alter table house
    add column stone_c   double      not null default 19,
    add column stone_m2  double      not null default 0.54,
    add column stone_mm  double      not null default 20,
    add column bath_c    double      not null default 14,
    add column bath_g    double      not null default 9000,
    add column kettle_w  double      not null default 900,
    add column vessel    varchar(16) not null default 'STEEL_BOWL';

create table temper_bowl (
    id            uuid         not null primary key,
    name          varchar(120) not null,
    couverture_id varchar(64)  not null,
    mass_g        double       not null,
    room_c        double       not null,
    vessel        varchar(16)  not null,
    method        varchar(16),
    probe         varchar(120),
    source        varchar(16)  not null,
    state         varchar(16)  not null,
    began_at      datetime(6)  not null,
    ended_at      datetime(6),
    pace          double       not null,
    start_c       double,
    noise_k       double,
    dropouts      double,
    skin          double,
    version       bigint       not null,
    key bowl_state (state, began_at),
    key bowl_probe (probe, state),
    constraint bowl_couverture foreign key (couverture_id) references ingredient (id)
);

create table temper_happening (
    id       uuid          not null primary key,
    bowl_id  uuid          not null,
    kind     varchar(16)   not null,
    time_s   double        not null,
    amount   double        not null,
    seconds  double        not null,
    text     varchar(2000) not null,
    noted_at datetime(6)   not null,
    key happening_bowl (bowl_id, time_s),
    constraint happening_bowl_of foreign key (bowl_id) references temper_bowl (id)
);

-- A reading is kept whatever it says; celsius is empty where it was not a number. The bowl is empty
-- where no open bowl listens to that probe. Copies count readings of a file at one moment.
create table probe_reading (
    probe   varchar(120) not null,
    at_us   bigint       not null,
    copy    int          not null default 0,
    bowl_id uuid,
    celsius double,
    primary key (probe, at_us, copy),
    key reading_bowl (bowl_id, at_us)
);
