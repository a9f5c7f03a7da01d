alter table page add column layout varchar(20) default 'STANDARD' not null;

-- What is in a row or an assignment may be long, and carries the number of its form, as the journal does.
alter table menu_row alter column content clob not null;
alter table menu_row add column format int default 1 not null;
alter table assignment alter column content clob not null;
alter table assignment add column format int default 1 not null;

-- An assignment is named by its zone and the SHA-256 of its scope's word. So far the only scope was "everywhere".
update assignment
set id = substring(id, 1, locate(' ', id)) || '11c209b437262b61e354ca822d4219f6a37070299ac2680b372dc18fa4ff6370';
