-- A session handed out to children's devices under a code that ends; who sits at one, known by the hash of its token.
create table handout (
  session_id bigint primary key references session on delete cascade,
  code varchar(12) not null unique,
  ends_at timestamp with time zone not null
);
create sequence sitting_seq start with 1 increment by 50;
create table sitting (
  id bigint primary key,
  session_id bigint not null references session on delete cascade,
  pupil_id bigint not null references pupil on delete cascade,
  token varchar(64) not null unique,
  handed_in boolean default false not null
);
create index sitting_by_session on sitting (session_id, pupil_id);
