-- Who works when. Hours are of the house's own clock, whatever it shows in winter and in summer.
create table person (
    id       varchar(64)  not null primary key,
    name     varchar(120) not null,
    archived boolean      not null,
    version  bigint       not null
);
create table person_hours (
    person_id  varchar(64) not null,
    position   int         not null,
    weekday    varchar(12) not null,
    from_time  time        not null,
    to_time    time        not null,
    until_time time        not null,
    primary key (person_id, position),
    constraint person_hours_person foreign key (person_id) references person (id)
);
create table person_away (
    person_id varchar(64) not null,
    position  int         not null,
    from_day  date        not null,
    to_day    date        not null,
    primary key (person_id, position),
    constraint person_away_person foreign key (person_id) references person (id)
);

-- What should be ready when.
create table making_order (
    id      varchar(64)  not null primary key,
    name    varchar(200) not null,
    due_at  datetime(6)  not null,
    done    boolean      not null,
    version bigint       not null,
    key making_order_due (done, due_at)
);
create table making_order_line (
    order_id varchar(64) not null,
    position int         not null,
    piece_id varchar(64) not null,
    pieces   int         not null,
    primary key (order_id, position),
    constraint order_line_order foreign key (order_id) references making_order (id),
    constraint order_line_piece foreign key (piece_id) references piece (id)
);

-- A plan is never changed: who plans again makes another, and the one before stays.
create table week_plan (
    id        uuid        not null primary key,
    number    int         not null,
    made_at   datetime(6) not null,
    origin_at datetime(6) not null,
    workload  longtext    not null,
    beside    longtext    not null,
    laid      longtext    null,
    proven    longtext    not null,
    unique key week_plan_number (number)
);
create table week_run (
    plan_id    uuid         not null,
    position   int          not null,
    run        varchar(200) not null,
    piece_id   varchar(64)  not null,
    piece_name varchar(300) not null,
    pieces     int          not null,
    moulds     int          not null,
    primary key (plan_id, position),
    constraint week_run_plan foreign key (plan_id) references week_plan (id)
);
-- Which batch a run has become; it stays, whatever is planned later.
create table run_batch (
    run      varchar(200) not null primary key,
    batch_id uuid         not null
);
