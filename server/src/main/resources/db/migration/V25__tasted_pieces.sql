-- A piece tasted whole, as it then was: what it was computed to taste of stays with the tasting.
create table piece_tasting (
    id         varchar(64)   not null primary key,
    piece_id   varchar(64)   not null,
    noted_at   datetime(3)   not null,
    kind       varchar(12)   null,
    filled     boolean       not null,
    sweetness  double        not null,
    bitterness double        not null,
    sweet      varchar(12)   null,
    bitter     varchar(12)   null,
    score      int           null,
    words      varchar(500)  not null,
    counts     boolean       not null,
    key tasting_piece (piece_id, noted_at),
    constraint tasting_piece foreign key (piece_id) references piece (id)
);
