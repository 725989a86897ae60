alter table client add column half_done int; this is no statement;
