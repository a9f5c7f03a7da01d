-- What was removed and can be put back, each removal as one text in the form that its number names.
create table removal (
    id varchar(60) primary key,
    content clob not null,
    format int not null
);
