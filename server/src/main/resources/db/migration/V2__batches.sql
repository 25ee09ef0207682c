-- The record of a batch. What was planned is kept as it was planned: a piece may change later.

create table batch (
    id              uuid         not null primary key,
    lot             varchar(32)  not null,
    piece_id        varchar(64)  not null,
    piece_name      varchar(120) not null,
    pieces          int          not null,
    moulds          int          not null,
    state           varchar(16)  not null,
    began_at        datetime(6)  not null,
    ended_at        datetime(6),
    bowl_mass_g     double       not null,
    bowl_cp         double       not null,
    clear_point_c   double       not null,
    shell_g         double       not null,
    shell_mm        double       not null,
    heat_power_w    double       not null,
    heat_efficiency double       not null,
    readings        int          not null,
    readings_tight  int          not null,
    readings_off    int          not null,
    version         bigint       not null,
    unique key batch_lot (lot),
    key batch_state (state, began_at),
    key batch_piece (piece_id, began_at)
);

create table batch_material (
    batch_id uuid         not null,
    position int          not null,
    role     varchar(16)  not null,
    name     varchar(120) not null,
    grams    double       not null,
    primary key (batch_id, position),
    constraint material_batch foreign key (batch_id) references batch (id)
);

create table batch_step (
    id                 bigint       not null auto_increment primary key,
    batch_id           uuid         not null,
    number             int          not null,
    kind               varchar(16)  not null,
    say                varchar(500) not null,
    reading_what       varchar(120),
    reading_unit       varchar(16),
    reading_target     double,
    band_low_limit     double,
    band_low           double,
    band_high          double,
    band_high_limit    double,
    clock_shortest_s   int,
    clock_target_s     int,
    clock_longest_s    int,
    caution            varchar(500),
    source_kind        varchar(16)  not null,
    source_citation    varchar(500) not null,
    source_from_memory boolean      not null,
    unique key step_number (batch_id, number),
    constraint step_batch foreign key (batch_id) references batch (id)
);

create table batch_step_value (
    step_id bigint      not null,
    name    varchar(32) not null,
    value   double      not null,
    unit    varchar(16) not null,
    primary key (step_id, name),
    constraint value_step foreign key (step_id) references batch_step (id)
);

create table batch_entry (
    id       uuid          not null primary key,
    batch_id uuid          not null,
    position int           not null,
    kind     varchar(16)   not null,
    step     int           not null,
    at       datetime(6)   not null,
    value    double,
    text     varchar(2000) not null,
    about    uuid,
    unique key entry_position (batch_id, position),
    constraint entry_batch foreign key (batch_id) references batch (id)
);
