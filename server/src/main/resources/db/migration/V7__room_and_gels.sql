-- When somebody last read the room's thermometer and hygrometer; null: never.
alter table house
    add column room_read_at datetime(6) null;

-- Bloom of a gelatine, grade of a pectin, g/cm² of an agar; null: the usual one.
alter table ingredient
    add column gel_strength double null;
