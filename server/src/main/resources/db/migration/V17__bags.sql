-- What the bag of a couverture prints.
alter table ingredient
    add column fluidity   varchar(16),
    add column bag_melt_c double,
    add column bag_cool_c double,
    add column bag_work_c double;
