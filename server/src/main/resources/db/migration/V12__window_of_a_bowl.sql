-- Where dark is worked may differ from bowl to bowl.
alter table temper_bowl add column dark_window varchar(16) after method;
