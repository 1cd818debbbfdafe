-- Where a card is kept: BENCH, ARCHIVED or DELETED. A deleted one can be put back.
alter table card add place varchar(10) not null default 'BENCH';
create index ix_card_place on card (place, id);
