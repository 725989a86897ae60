-- Who feels the heat of hardening product sooner than others.
alter table client add column feels_heat boolean default false not null;
