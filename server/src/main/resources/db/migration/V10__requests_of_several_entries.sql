-- Edits undone together are kept under one request: its name, then the name with +1, +2, and so on.
alter table journal alter column request varchar(80) not null;
