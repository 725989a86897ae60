alter table salon add column language varchar(8) default 'en' not null;
