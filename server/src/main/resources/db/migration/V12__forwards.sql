-- Where addresses lead that no page has: as the owner wants it, and by which page visitors knew each of them last.
create table forward (
    id varchar(100) primary key,
    content varchar(10000) not null,
    format int not null
);

create table former_address (
    address varchar(1000) primary key,
    page_id varchar(60) not null
);
