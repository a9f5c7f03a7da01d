-- Periods as a JSON list; visitors outside them get "not found", as they would have before.
alter table page add column periods clob default '[]' not null;
alter table page add column when_closed varchar(20) default 'NOT_FOUND' not null;
alter table site add column time_zone varchar(60) default 'UTC' not null;
