-- What a client's plates ask of the hold on them, and whether growth was put back to the usual.
alter table client add column plates_mean double precision default 1 not null;
alter table client add column plates_low double precision default 1 not null;
alter table client add column plates_high double precision default 1 not null;
alter table client add column plates_nails integer default 0 not null;
alter table client add column plates_put_back boolean default false not null;
alter table client add column growth_put_back boolean default false not null;

-- What was noted of a nail, as it was then.
alter table wear_note add column bond varchar(200) default '' not null;
alter table wear_note add column beyond integer default 0 not null;
-- Whether it was told by phone.
alter table wear_note add column told boolean default false not null;
-- Whether it is what is known of that nail of that set in the end: the salon counts one note a nail.
alter table wear_note add column counts boolean default false not null;
update wear_note n set counts = true where n.kind is not null and not exists (
  select 1 from wear_note o where o.set_id = n.set_id and o.finger = n.finger and o.kind is not null
  and (o.seen_on < n.seen_on or (o.seen_on = n.seen_on and o.id < n.id)));
update wear_note n set counts = true where n.kind is null and not exists (
  select 1 from wear_note o where o.set_id = n.set_id and o.finger = n.finger
  and (o.kind is not null or o.seen_on > n.seen_on or (o.seen_on = n.seen_on and o.id > n.id)));

-- What became of a set's nails together, the day its chance to stay whole falls under the salon's
-- share, and whether its client was reminded.
create table worn_set (
  set_id bigint primary key references nail_set,
  version integer not null,
  failed integer default 0 not null,
  nail_weeks double precision default 0 not null,
  stays_until date,
  stays_with double precision,
  reminded_on date
);
insert into worn_set (set_id, version, failed, nail_weeks)
  select set_id, 0, sum(case when kind is null then 0 else 1 end), sum(greatest(1, days) / 7.0)
  from wear_note where counts group by set_id;

create index lot_use_lot on lot_use (material, number);
create index nail_set_previous on nail_set (previous_id);

-- The share with which a set is to stay whole until its infill.
alter table salon add column stays_whole integer default 80 not null;
