-- Pictures and other files; what they hold lies in the data folder. None so far.
create table site_file (
    id varchar(60) primary key,
    content varchar(5000) not null,
    format int not null
);

alter table page add column picture varchar(60);
alter table site add column logo varchar(60);
