-- Visitors who may see pages for members; they have nothing to do with those who work on the site.
alter table page add column members_only boolean default false not null;

create table member (
    name varchar(100) primary key,
    display_name varchar(200) not null,
    since date not null,
    password_hash varchar(300) not null
);

-- Where a member is signed in. The browser keeps the token, here is what it hashes to.
create table member_session (
    token_hash varchar(64) primary key,
    member varchar(100) not null,
    ends_at timestamp(3) with time zone not null
);
create index member_session_member on member_session (member);
