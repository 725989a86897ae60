-- The record says in full what the plan left out of the preparation.
alter table bench_event alter column remark set data type varchar(400);
