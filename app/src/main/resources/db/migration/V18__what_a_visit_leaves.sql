-- What a finished visit left on a nail: the next one finds it there.
alter table set_nail add column left_product varchar(20);
alter table set_nail add column left_thickness varchar(20);
alter table set_nail add column left_measured double precision;
alter table set_nail add column left_tip boolean default false not null;
