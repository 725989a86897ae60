-- What is learned of times and lots stays when a client is erased; whose it was does not.
alter table step_time alter column set_id drop not null;
alter table visit_time alter column set_id drop not null;
alter table lot_use alter column set_id drop not null;

-- After how many months without a visit a client is proposed for erasing; empty for never.
alter table salon add column keeps_months integer;
