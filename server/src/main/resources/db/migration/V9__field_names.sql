-- The field's names for what stood here under words of our own.
rename table temper_happening to bowl_event;
alter table bowl_event rename index happening_bowl to bowl_event_time;
alter table house rename column seed_school to seed_practice;
