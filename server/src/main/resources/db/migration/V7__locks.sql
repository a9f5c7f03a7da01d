alter table page add column locked boolean default false not null;
