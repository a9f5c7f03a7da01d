-- One row: the site as it is now. Its revision is the newest in the journal.
create table site (
    id int primary key,
    revision bigint not null,
    name varchar(200) not null,
    address varchar(300) not null,
    home varchar(60)
);

-- Order is a chain: a row is first, or stands after another of the same parent. There is no unique index on
-- addresses, since an exchange of two slugs passes through a state in which they are equal.
create table page (
    id varchar(60) primary key,
    parent_id varchar(60),
    after_id varchar(60),
    kind varchar(20) not null,
    title varchar(200) not null,
    slug varchar(80) not null,
    slug_follows boolean not null,
    reach varchar(20) not null,
    kept_from_search_engines boolean not null,
    summary varchar(1000) not null,
    text_hash varchar(64)
);

create table menu_row (
    id varchar(60) primary key,
    parent_id varchar(60),
    after_id varchar(60),
    content varchar(10000) not null
);

create table assignment (
    id varchar(200) primary key,
    content varchar(10000) not null
);

create table journal (
    revision bigint primary key,
    request varchar(60) not null unique,
    kind varchar(10) not null,
    undoes bigint,
    person varchar(60) not null,
    at timestamp(3) with time zone not null,
    title varchar(1000) not null,
    told clob not null,
    changes clob not null,
    difference clob not null,
    format int not null
);

create table release (
    number int primary key,
    request varchar(60) not null unique,
    revision bigint not null,
    person varchar(60) not null,
    at timestamp(3) with time zone not null,
    note varchar(1000) not null,
    site clob not null,
    format int not null
);

create table published_page (
    page_id varchar(60) primary key
);

create table text (
    hash varchar(64) primary key,
    body clob not null
);

create table person (
    name varchar(60) primary key,
    display_name varchar(200) not null,
    role varchar(20) not null,
    password_hash varchar(300) not null
);

insert into site (id, revision, name, address, home) values (1, 0, '', '', null);
