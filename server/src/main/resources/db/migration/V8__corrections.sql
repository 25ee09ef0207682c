-- What was noted at a bowl can be corrected and taken back; what it said before is kept.
alter table temper_happening
    add column replaces  uuid,
    add column voided_at datetime(6);

alter table probe_reading
    add column was_celsius double,
    add column voided      boolean not null default false;
