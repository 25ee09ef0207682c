-- What colours, dusts, sheets and lines hold. Nothing written down: nobody has read the packet.
alter table colour add column allergens varchar(200) null;
alter table piece_coat add column allergens varchar(200) null;
alter table piece_finish add column allergens varchar(200) null;

-- What a batch was to hold, as it was planned: its piece may change later. Batches of before have none.
alter table batch add column mould_id varchar(64) null;
alter table batch add column allergens varchar(200) null;
alter table batch add column unread varchar(2000) null;
alter table batch add column alcohol_percent double null;
alter table batch add column keep_cold boolean null;

-- When colour is cast over: the school of the house. Those of before cast as soon as it held.
alter table house add column colour_practice varchar(16) not null default 'AS_IT_HOLDS';
