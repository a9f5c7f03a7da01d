-- Websites elsewhere that may show the menus, a line each.
alter table site add column allowed_origins varchar(6000) default '' not null;
