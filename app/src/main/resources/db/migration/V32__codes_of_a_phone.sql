-- What the owner's phone makes codes from, and the last step of time that was used.
alter table person add column code_key varchar(32);
alter table person add column code_step bigint;
