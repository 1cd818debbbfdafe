-- A photo of a layout, one for each face of a card, as JPEG of at most 1600 points along.
create table layout_photo (
    id       bigint      not null auto_increment primary key,
    card_id  bigint      not null,
    face     varchar(60) not null,
    image    longblob    not null,
    taken_at datetime(3) not null,
    constraint fk_photo_card foreign key (card_id) references card (id) on delete cascade,
    constraint ux_photo unique (card_id, face)
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;
