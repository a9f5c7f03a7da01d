-- The look that visitors see the site in.
alter table site add column look varchar(20) default 'STAITHE' not null;
-- What is otherwise than the look has it, by its tokens.
alter table site add column tuning varchar(400) default '{"values":{}}' not null;
