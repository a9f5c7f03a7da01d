-- When each page was first part of a release: the oldest release that holds its id.
alter table published_page add column first_at timestamp(3) with time zone;
update published_page p
set first_at = (select min(r.at) from release r where locate('"id":"' || p.page_id || '"', r.site) > 0);
update published_page set first_at = (select min(at) from release) where first_at is null;
alter table published_page alter column first_at set not null;
