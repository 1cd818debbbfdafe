-- The browser window that made a revision: what two windows type is never taken for one change.
alter table revision add made_in varchar(40) not null default '';
