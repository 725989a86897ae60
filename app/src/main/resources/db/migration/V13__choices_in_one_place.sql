-- What was chosen for a set is one value in one row.
alter table nail_set add column skipped_prep varchar(200) default '' not null;

update nail_set set skipped_prep = coalesce(
    (select string_agg(step, ',' order by step) from set_skipped_prep
     where set_skipped_prep.set_id = nail_set.id), '');

drop table set_skipped_prep;
