-- Layouts of the owner's own, how new pages begin, model pages, and where the listings of topics were.
create table layout (
    id varchar(60) primary key,
    name varchar(200) not null,
    frame varchar(60) not null
);

create table former_listing (
    address varchar(1000) primary key,
    topic varchar(60) not null
);

alter table site add column new_pages_reach varchar(20) default 'OPEN' not null;
alter table site add column new_pages_layout varchar(60) default 'STANDARD' not null;
alter table site add column new_pages_model varchar(60);

alter table page add column model boolean default false not null;
alter table page alter column layout varchar(60);
