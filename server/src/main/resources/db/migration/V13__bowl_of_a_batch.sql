-- Tempering a batch is a bowl of the Temper station; batches of before have none.
alter table batch
    add column couverture_id varchar(64),
    add column method        varchar(16),
    add column bowl_id       uuid,
    add key batch_bowl (bowl_id);
