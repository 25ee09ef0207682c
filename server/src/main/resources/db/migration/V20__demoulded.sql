-- Moulds turned out: how long in the cold, what came out; they correct the time a shell takes to let go.
create table demoulding (
    id            varchar(64) not null primary key,
    mould_id      varchar(64) not null,
    couverture_id varchar(64) not null,
    capped        boolean     not null,
    foretold_s    double      not null,
    cold_s        double      not null,
    cavities      int         not null,
    stuck         varchar(4000) not null,
    broken        varchar(4000) not null,
    note          varchar(400) not null,
    noted_at      datetime(6) not null,
    voided        boolean     not null default false,
    constraint demoulding_mould foreign key (mould_id) references mould (id),
    constraint demoulding_couverture foreign key (couverture_id) references ingredient (id)
);
create index demoulding_of on demoulding (mould_id, couverture_id, noted_at);
