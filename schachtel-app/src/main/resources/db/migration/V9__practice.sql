-- What was answered in practice; each exercise counts once for each maker.
create table practice_look (
    id       bigint      not null auto_increment primary key,
    maker    varchar(60) not null,
    exercise bigint      not null,
    mistake  varchar(40) not null,
    seen     boolean     not null,
    at       datetime(3) not null,
    constraint uq_practice_look unique (maker, exercise)
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

-- How large something was guessed to be, in micrometres.
create table practice_guess (
    id       bigint      not null auto_increment primary key,
    maker    varchar(60) not null,
    exercise bigint      not null,
    size     bigint      not null,
    said     bigint      not null,
    at       datetime(3) not null,
    constraint uq_practice_guess unique (maker, exercise)
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;
