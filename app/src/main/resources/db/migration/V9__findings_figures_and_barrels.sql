-- Several things can be found on one plate; kept as their names, separated by commas.
alter table set_nail alter column plate_condition set data type varchar(120);

-- Where the C-curve comes from on a form, and the salon's own planning figures as JSON; null for the usual.
alter table nail_set add column barrel varchar(20) default 'CLOSED_FORM' not null;
alter table salon add column barrel varchar(20) default 'CLOSED_FORM' not null;
alter table salon add column figures varchar(2000);
