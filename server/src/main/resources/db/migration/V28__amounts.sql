-- What a task is reckoned by, apart from the numbers its sentence says.
create table batch_task_amount (
    task_id bigint not null,
    what varchar(16) not null,
    value double not null,
    primary key (task_id, what),
    constraint batch_task_amount_task foreign key (task_id) references batch_task (id) on delete cascade
);

-- Until now the sentence carried them, most of them unsaid.
insert into batch_task_amount (task_id, what, value)
    select v.task_id,
           case v.name
               when 'takes' then 'TAKES'
               when 'coat' then 'COAT'
               when 'factor' then 'FILM_FACTOR'
               when 'shaken' then 'SHAKEN'
               when 'shaking' then 'SHAKING'
               when 'seed' then 'SEED'
               when 'thick' then 'SHELL'
           end,
           v.value
    from batch_task_value v join batch_task t on t.id = v.task_id
    where (v.name, v.unit) in (('takes', 'GRAM'), ('coat', 'GRAM'), ('factor', 'ONE'),
                               ('shaken', 'SECOND'), ('shaking', 'ONE'))
       or v.name = 'seed' and v.unit = 'GRAM' and t.kind = 'SEED'
       or v.name = 'thick' and v.unit = 'MILLIMETRE' and t.kind = 'SCRAPE';
