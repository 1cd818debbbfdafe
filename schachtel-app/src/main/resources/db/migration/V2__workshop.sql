-- The maker's workshop as one document: materials, sheets, offcuts, rolls, envelopes, tools. One row.
create table workshop (
    id         int          not null primary key,
    document   longtext     not null,
    changed_at datetime(3)  not null,
    version    bigint       not null
) engine = innodb default charset = utf8mb4 collate = utf8mb4_unicode_ci;
