-- When somebody last read the room's thermometer and hygrometer; null: never.

alter table house
    add column room_read_at datetime(6) null;
