-- How thick the build on a nail is judged or measured to be, what of it is clipped, and a tip under it.
alter table set_nail add column old_thickness varchar(20) default 'USUAL' not null;
alter table set_nail add column old_measured double precision;
alter table set_nail add column old_clip double precision;
alter table set_nail add column old_tip boolean default false not null;
