-- When the business is open, where it lies and where else it is found, as JSON; null or empty where it does not say.
alter table site add column hours varchar(300000) default '{"week":{},"special":[]}' not null;
alter table site add column position varchar(60);
alter table site add column channels varchar(150000) default '[]' not null;
