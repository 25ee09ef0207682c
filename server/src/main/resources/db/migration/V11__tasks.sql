-- Work is a graph of tasks. Batches of before were lists: each task follows straight on the one
-- before it, and a planned thickness stands in the task it is read at.
rename table batch_step to batch_task, batch_step_value to batch_task_value;
alter table batch_task
    modify say varchar(2000) not null,
    add column title    varchar(120) not null default '' after kind,
    add column part     varchar(120) not null default '' after title,
    add column hands_on double       not null default 1 after clock_longest_s;
alter table batch_task_value change step_id task_id bigint not null;

update batch_task set title = case kind
    when 'MOULD' then 'Mould ready' when 'TEMPER_AGAIN' then 'Temper again'
    when 'CHILL_CAP' then 'Chill'
    else concat(left(kind, 1), lower(substring(kind, 2))) end;

create table batch_task_after (
    task_id        bigint       not null,
    position       int          not null,
    before_number  int          not null,
    least_lag_s    int          not null,
    greatest_lag_s int,
    straight_on    boolean      not null,
    late           varchar(500) not null,
    primary key (task_id, position),
    constraint after_task foreign key (task_id) references batch_task (id)
);
insert into batch_task_after
    select id, 0, number - 1, 0, null, true, '' from batch_task where number > 1;

create table batch_task_occupies (
    task_id bigint      not null,
    what    varchar(16) not null,
    primary key (task_id, what),
    constraint occupies_task foreign key (task_id) references batch_task (id)
);

insert into batch_task_value (task_id, name, value, unit)
    select t.id, 'thick', b.shell_mm, 'MILLIMETRE'
    from batch_task t join batch b on b.id = t.batch_id where t.kind = 'SCRAPE';
alter table batch drop column shell_g, drop column shell_mm;
