-- What an entry of a batch still owes to other books: written with the entry, gone when it is done.
create table follow_up (
    id       bigint      not null auto_increment primary key,
    batch_id uuid        not null,
    owes     varchar(16) not null,
    tries    int         not null default 0,
    constraint follow_up_of_batch foreign key (batch_id) references batch (id) on delete cascade
);
