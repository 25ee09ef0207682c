-- An outer coat may be brushed into the mould: thinner than a bowl runs off.
alter table hollow_figure add column outer_brushed boolean not null default false;
