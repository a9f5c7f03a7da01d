-- The look that visitors see the site in.
alter table site add column look varchar(20) default 'STAITHE' not null;
