-- All words of a build are searched, however many there are.
alter table logged_build modify sought mediumtext not null;
