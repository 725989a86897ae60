-- Stand-in devices answer where the salon wants to practise with them.
alter table salon add column stand_ins boolean default false not null;
-- A kit that was sent twice is one kit; so is a step of the salon's own.
alter table kit add column form_key uuid;
create unique index kit_form_key on kit (form_key);
