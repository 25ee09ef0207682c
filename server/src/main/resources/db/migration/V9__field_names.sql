-- The field's names for what stood here under words of our own, and the usual way of tempering,
-- whichever it is, where there were two ways of seeding.
rename table temper_happening to bowl_event;
alter table bowl_event rename index happening_bowl to bowl_event_time;

alter table house add column method varchar(16) not null default 'SEED_THIRD';
update house set method = if(seed_school = 'FEW_PER_CENT', 'SEED_FEW', 'SEED_THIRD');
alter table house drop column seed_school;
