-- Which children stumbled on what is answered aloud; what an item brought the class and the teacher, in halves.
create table stumble (
  item_id bigint not null references item on delete cascade,
  pupil_id bigint not null references pupil on delete cascade,
  primary key (item_id, pupil_id)
);
create index stumble_by_pupil on stumble (pupil_id);
alter table item add column our_halves int default 0 not null;
alter table item add column their_halves int default 0 not null;
