-- The record of a visit reads the same whatever becomes of the set afterwards.
alter table bench_event alter column type set data type varchar(20);
alter table bench_event add column title varchar(80) default '' not null;
alter table bench_event add column done_on varchar(80) default '' not null;
alter table bench_event add column remark varchar(80) default '' not null;
