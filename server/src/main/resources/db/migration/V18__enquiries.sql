-- The form of a page, as JSON; and what visitors wrote by such forms.
alter table page add column form varchar(40000);

create table message (
    id varchar(60) primary key,
    at timestamp(6) with time zone not null,
    page varchar(60) not null,
    page_title varchar(200) not null,
    answers varchar(200000) not null,
    mail varchar(300) not null,
    is_read boolean not null,
    answered boolean not null,
    sending varchar(10) not null,
    sent_to varchar(300) not null,
    problem varchar(500) not null,
    tries int not null
);
create index message_at on message (at);
