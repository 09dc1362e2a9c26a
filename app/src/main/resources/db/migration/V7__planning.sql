-- What planning needs to know: what a block is for and how many items it should have, why an item was chosen, for
-- which children a session is, how long blocks took, which cards the class stumbled on; a teacher's own templates.
alter table session add column pupils varchar(2000) default '' not null;

-- wanted: how many items the template asks for, 0 once the teacher has changed them.
-- planned_seconds, took_seconds: as planned with nothing learnt, and as it was given; null until it was.
alter table block add column role varchar(20) default 'FOCUS' not null;
alter table block add column title varchar(60) default '' not null;
alter table block add column wanted int default 0 not null;
alter table block add column planned_seconds int;
alter table block add column took_seconds int;
create index block_by_kind on block (kind);

alter table item add column why varchar(300) default '' not null;
alter table item add column stumbled boolean default false not null;

alter table class_profile add column template varchar(40) default '' not null;

create sequence own_template_seq start with 1 increment by 50;
create table own_template (
  id bigint primary key,
  name varchar(60) not null,
  minutes int not null,
  blocks varchar(4000) not null,
  account_id bigint not null references account,
  made_at timestamp with time zone not null
);
