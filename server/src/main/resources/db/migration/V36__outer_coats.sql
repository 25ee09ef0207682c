-- A part of a figure may be of another couverture: a coat that is cast first, its base, or both.
alter table hollow_figure add column second_couverture_id varchar(64) null;
alter table hollow_figure add column outer_mm double null;
alter table hollow_figure add column base_of_second boolean not null default false;
-- How the figure comes onto its base; until now it was set into it while that was soft.
alter table hollow_figure add column base_standing varchar(16) null;
update hollow_figure set base_standing = 'SOFT' where base_across_mm is not null;
alter table hollow_figure
    add constraint hollow_second foreign key (second_couverture_id) references ingredient (id);
