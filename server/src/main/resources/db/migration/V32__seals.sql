-- Couverture between two layers of a filled piece; 0 where they lie on each other.
alter table piece_layer
    add column seal_mm double not null default 0;
