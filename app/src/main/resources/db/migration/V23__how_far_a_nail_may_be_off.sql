-- How far a built nail may be off its plan, as JSON; null for the usual.
alter table salon add column tolerances varchar(400);
