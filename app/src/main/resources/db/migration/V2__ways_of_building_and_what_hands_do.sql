-- How a finger is built, if the technician chose; empty for the way ranked first.
alter table set_nail add column way varchar(20);

-- What each hand does all day, as far as it limits length.
alter table nail_set add column left_does varchar(20) default 'ORDINARY' not null;
alter table nail_set add column right_does varchar(20) default 'ORDINARY' not null;

-- Tips or forms where either would do.
alter table nail_set add column tips_or_forms varchar(10) default 'TIPS' not null;
