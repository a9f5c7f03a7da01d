-- What search engines are told of a page apart from its own title and summary; none so far.
alter table page add column search_title varchar(200) default '' not null;
alter table page add column search_description varchar(500) default '' not null;
