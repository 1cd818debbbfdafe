create table card (
    id               bigint       not null auto_increment primary key,
    name             varchar(200) not null,
    set_name         varchar(200) not null,
    current_revision bigint       null,
    created_at       datetime(3)  not null,
    changed_at       datetime(3)  not null,
    version          bigint       not null
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

-- Every state of a card that was ever the current one, or was set aside when two people changed it at once.
create table revision (
    id         bigint       not null auto_increment primary key,
    card_id    bigint       not null,
    parent_id  bigint       null,
    about      varchar(200) not null,
    spec       longtext     not null,
    aside      bit          not null,
    created_at datetime(3)  not null,
    constraint fk_revision_card foreign key (card_id) references card (id) on delete cascade,
    constraint fk_revision_parent foreign key (parent_id) references revision (id) on delete cascade
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;

create index ix_revision_parent on revision (parent_id, aside, id);
create index ix_card_set on card (set_name, name);
