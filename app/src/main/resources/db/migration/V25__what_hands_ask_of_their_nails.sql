-- What a client's hands were learned to ask of their nails against the usual, and from how many nails.
alter table client add column load_mean double precision default 1 not null;
alter table client add column load_low double precision default 1 not null;
alter table client add column load_high double precision default 1 not null;
alter table client add column load_nails integer default 0 not null;
alter table client add column load_put_back boolean default false not null;
