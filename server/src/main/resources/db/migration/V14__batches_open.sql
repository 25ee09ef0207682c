-- How many entries a batch holds. They are only ever added, so this number says whether a batch kept
-- in memory is still the one in the books.
alter table batch add column entries_kept int not null default 0;
update batch b set entries_kept = (select count(*) from batch_entry e where e.batch_id = b.id);
-- Batches under way since before a batch had a bowl of the Temper station get one with their next
-- reading: what is in it, and which tasks stand at it.
update batch b join piece p on p.id = b.piece_id
    set b.couverture_id = p.couverture_id
    where b.couverture_id is null and b.state = 'RUNNING';
insert ignore into batch_task_occupies (task_id, what)
    select t.id, 'BOWL' from batch_task t join batch b on b.id = t.batch_id
    where b.state = 'RUNNING' and b.bowl_id is null and b.method is null
      and t.kind in ('MELT', 'COOL', 'SEED', 'TEST', 'CAST', 'TEMPER_AGAIN', 'CAP');
