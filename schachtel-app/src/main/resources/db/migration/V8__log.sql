-- One build in the log, as it was; it outlives its card and its run. The columns beside the document are what lists show and search.
create table logged_build (
    id        bigint       not null auto_increment primary key,
    run_id    bigint       null,
    card_id   bigint       null,
    name      varchar(200) not null,
    about     varchar(400) not null,
    ended_at  datetime(3)  not null,
    planned   int          not null,
    taken     int          not null,
    mishaps   int          not null,
    sought    text         not null,
    document  mediumtext   not null,
    card      longtext     null,
    version   bigint       not null,
    constraint uq_logged_run unique (run_id),
    index ix_logged_ended (ended_at)
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

create table log_photo (
    id       bigint      not null auto_increment primary key,
    build_id bigint      not null,
    image    longblob    not null,
    taken_at datetime(3) not null,
    constraint fk_log_photo foreign key (build_id) references logged_build (id) on delete cascade
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

-- What was learned, tied to what it is about: a kind of work, a kind of piece, a material, a picture.
create table lesson (
    id       bigint       not null auto_increment primary key,
    topic    varchar(20)  not null,
    about    varchar(80)  not null,
    words    varchar(500) not null,
    build_id bigint       null,
    made_at  datetime(3)  not null,
    index ix_lesson (topic, about)
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

-- A day for which a card is wanted.
create table occasion (
    id      bigint       not null auto_increment primary key,
    who     varchar(100) not null,
    what    varchar(100) not null,
    day     date         not null,
    yearly  boolean      not null,
    card_id bigint       null,
    constraint fk_occasion_card foreign key (card_id) references card (id) on delete set null
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;
