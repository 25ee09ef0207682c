-- Shells on the scale, with how they were cast: they correct the model for this mould and couverture.
create table shell_weighing (
    id             varchar(64) not null primary key,
    mould_id       varchar(64) not null,
    couverture_id  varchar(64) not null,
    fluidity       varchar(16) not null,
    bowl_c         double      not null,
    stable_percent double      not null,
    mould_c        double      not null,
    room_c         double      not null,
    vibration      varchar(16) not null,
    drain_s        double      not null,
    rocked_degrees double      not null,
    wait_s         double      not null,
    cavities       int         not null,
    shells_g       double      not null,
    note           varchar(400) not null,
    noted_at       datetime(6) not null,
    voided         boolean     not null default false,
    constraint shell_weighing_mould foreign key (mould_id) references mould (id),
    constraint shell_weighing_couverture foreign key (couverture_id) references ingredient (id)
);
create index shell_weighing_of on shell_weighing (mould_id, couverture_id, noted_at);
