-- Words a school has added or corrected: names, topic words. The cut is in lexical sets, so it holds for every accent.
create table own_word (
  spelling varchar(40) primary key,
  units varchar(600) not null,
  choose boolean not null,
  clue varchar(200) not null,
  account_id bigint not null references account,
  made_at timestamp with time zone not null
);
