-- Topics as a JSON list of words.
alter table page add column topics clob default '[]' not null;
alter table page add column date date;
