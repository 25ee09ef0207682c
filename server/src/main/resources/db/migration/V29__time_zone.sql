-- Whose day it is when a lot is begun; null where nobody has said: that of the machine.
alter table house add column zone varchar(64);
