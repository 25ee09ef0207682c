-- What is taken out of a pot may be a share of what is in it by then.
alter table filling_step add column taken_percent double null;
alter table filling_version_step add column taken_percent double null;
