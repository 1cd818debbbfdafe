-- Acts that must happen once however often they are sent: the key of the form, and where it led when it was done.
create table acted (
    id       varchar(40)  not null primary key,
    location varchar(500) not null,
    at       datetime(3)  not null
) engine = innodb default charset = ascii;
