-- How each person has arranged the editor for themselves: what is folded, which columns show.
create table preference (
    person varchar(60) not null,
    name varchar(60) not null,
    setting clob not null,
    primary key (person, name)
);
