-- What looking longer found for a card in a workshop, by a key made of both. It can be found again, so it may be thrown away.
create table found_plan (
    id        char(64)    not null primary key,
    document  longtext    not null,
    found_at  datetime(3) not null,
    key ix_found_at (found_at)
) engine = innodb default charset = ascii;
