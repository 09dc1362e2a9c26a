-- A school's own sentences and texts, searched with ours. A sentence has no title.
create sequence own_text_seq start with 1 increment by 50;

create table own_text (
  id bigint primary key,
  title varchar(80) not null,
  text varchar(2000) not null,
  account_id bigint not null references account,
  made_at timestamp with time zone not null
);
