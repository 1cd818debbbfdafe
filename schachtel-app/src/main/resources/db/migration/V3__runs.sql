-- A build plan being done. Card, workshop and plan are kept as they were when it began.
create table run (
    id         bigint       not null auto_increment primary key,
    card_id    bigint       not null,
    revision   bigint       not null,
    spec       longtext     not null,
    workshop   longtext     not null,
    plan       longtext     not null,
    begun_at   datetime(3)  not null,
    constraint fk_run_card foreign key (card_id) references card (id) on delete cascade
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

-- What was said at the bench, never changed. The device gives each its id, so that saying it twice counts once.
create table run_event (
    id      bigint       not null auto_increment primary key,
    run_id  bigint       not null,
    said_id varchar(64)  not null,
    said_at datetime(3)  not null,
    maker   varchar(60)  not null,
    kind    varchar(20)  not null,
    step    varchar(200) not null,
    card    int          not null,
    note    varchar(300) not null,
    constraint fk_event_run foreign key (run_id) references run (id) on delete cascade,
    constraint uq_event_said unique (run_id, said_id)
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;
