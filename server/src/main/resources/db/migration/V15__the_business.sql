-- How the business is reached, and the language of its site; sites so far were all in English.
alter table site add column language varchar(100) default 'en' not null;
alter table site add column phone varchar(200) default '' not null;
alter table site add column mail varchar(2000) default '' not null;
alter table site add column postal varchar(2000) default '' not null;
