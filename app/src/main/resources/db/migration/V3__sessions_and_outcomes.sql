-- Sessions of blocks and items in place of dictations; children who outlive a class; classes shared by teachers;
-- outcomes stored row by row in place of packed text. Portable SQL: H2 and PostgreSQL. What SQL cannot carry over
-- (packed rules, sequences) V4 does; V5 drops the old tables.

alter table account add column role varchar(20) default 'TEACHER' not null;
alter table account add column enabled boolean default true not null;
update account set role = 'LEAD' where id = (select min(id) from account);

-- One row at most, so that only one first account can be made, however many ask at once.
create table founder (
  id int primary key check (id = 1),
  account_id bigint not null references account
);
insert into founder select 1, min(id) from account having count(*) > 0;

alter table school_class rename to old_class;
alter table pupil rename to old_pupil;
alter table dictation rename to old_dictation;
alter table item rename to old_item;
alter table attempt rename to old_attempt;
alter table mark rename to old_mark;
alter table override_log rename to old_override;

create sequence account_seq start with 1 increment by 50;
create sequence school_class_seq start with 1 increment by 50;
create sequence pupil_seq start with 1 increment by 50;
create sequence enrolment_seq start with 1 increment by 50;
create sequence session_seq start with 1 increment by 50;
create sequence block_seq start with 1 increment by 50;
create sequence item_seq start with 1 increment by 50;
create sequence paper_seq start with 1 increment by 50;
create sequence attempt_seq start with 1 increment by 50;
create sequence override_log_seq start with 1 increment by 50;

create table school_class (
  id bigint primary key,
  name varchar(120) not null
);
insert into school_class select id, name from old_class;

create table class_teacher (
  class_id bigint not null references school_class,
  account_id bigint not null references account,
  role varchar(20) not null,
  primary key (class_id, account_id)
);
create index class_teacher_by_account on class_teacher (account_id);
insert into class_teacher select id, account_id, 'OWNER' from old_class;

create table class_profile (
  class_id bigint primary key references school_class,
  version bigint not null,
  accent varchar(20) not null,
  step int not null,
  different_words int not null,
  minutes int not null
);
insert into class_profile select id, 0, accent, step, different_words, 20 from old_class;

-- revision: raised by every write that changes what is known of the child.
create table pupil (
  id bigint primary key,
  name varchar(80) not null,
  revision bigint default 0 not null
);
insert into pupil (id, name) select id, name from old_pupil;

create table enrolment (
  id bigint primary key,
  class_id bigint not null references school_class,
  pupil_id bigint not null references pupil,
  place int not null,
  from_on date,
  to_on date,
  unique (class_id, pupil_id)
);
create index enrolment_by_pupil on enrolment (pupil_id);
insert into enrolment select id, class_id, id, place, null, null from old_pupil;

create table session (
  id bigint primary key,
  version bigint not null,
  class_id bigint not null references school_class,
  given_on date not null,
  title varchar(120) not null,
  focus varchar(2000) not null,
  state varchar(20) not null,
  removed_at timestamp with time zone
);
create index session_by_class on session (class_id, given_on);
insert into session
  select id, 0, class_id, given_on, '', '[{"rule":"' || rule || '"}]', state, null from old_dictation;

create table block (
  id bigint primary key,
  session_id bigint not null references session,
  kind varchar(40) not null,
  place int not null
);
create index block_by_session on block (session_id, place);
insert into block select 2 * id - 1, id, 'words', 0 from old_dictation;
insert into block select 2 * id, id, 'sentence', 1 from old_dictation;

-- focus: what the item was chosen for, null when the teacher put it there.
create table item (
  id bigint primary key,
  block_id bigint not null references block,
  place int not null,
  text varchar(300) not null,
  role varchar(20) not null,
  focus varchar(400)
);
create index item_by_block on item (block_id, place);
insert into item select id, 2 * dictation_id - 1, place, word, 'OWN', null from old_item;
insert into item
  select (select coalesce(max(id), 0) from old_item) + id, 2 * id, 0, sentence, 'OWN', null
  from old_dictation where sentence <> '';

create table paper (
  id bigint primary key,
  session_id bigint not null references session,
  pupil_id bigint not null references pupil,
  state varchar(20) not null,
  unique (session_id, pupil_id)
);
create index paper_by_pupil on paper (pupil_id);
insert into paper
  select row_number() over (order by dictation_id, pupil_id), dictation_id, pupil_id, 'AWAY'
  from (
    select i.dictation_id, a.pupil_id from old_attempt a join old_item i on i.id = a.item_id
    group by i.dictation_id, a.pupil_id
    having sum(case when a.state = 'ABSENT' then 0 else 1 end) = 0
  ) away;

-- An item with attempts cannot be dropped: nothing cascades from a plan to what children wrote.
-- A cell that was emptied keeps its row, as EMPTY, and with it what the teacher said of it.
create table attempt (
  id bigint primary key,
  version bigint not null,
  class_id bigint not null references school_class,
  pupil_id bigint not null references pupil,
  item_id bigint references item,
  kind varchar(40) not null,
  written_on date not null,
  target varchar(300) not null,
  written varchar(400) not null,
  state varchar(20) not null,
  corrected varchar(400),
  unique (pupil_id, item_id)
);
create index attempt_of_class on attempt (class_id, written_on);
create index attempt_of_pupil on attempt (pupil_id, written_on);
create index attempt_of_item on attempt (item_id);
insert into attempt
  select a.id, 0, a.class_id, a.pupil_id, a.item_id, 'words', a.written_on, a.target, a.written,
    case when a.state = 'ABSENT' or a.state = 'WRITTEN' and a.written = '' and a.item_id is not null
      then 'EMPTY' else a.state end,
    null
  from old_attempt a;

-- What the core made of an attempt, with the core's version; may be thrown away at any time.
-- shown: the judgement as the pages draw it, in JSON.
create table mark (
  attempt_id bigint primary key references attempt on delete cascade,
  version varchar(40) not null,
  result varchar(20) not null,
  shown varchar(1000000)
);
create index mark_by_version on mark (version);

-- Outcomes as they count: after the teacher's own word, with child and day (days since 1970) beside them, so that
-- findings are counted from one table. counted: whether they say anything of the child. A rule that was
-- kept leaves target and attempt to its mark_word; units that are as they are due have no row, since the word says
-- which they are: of a class's year nine rows in ten would only be counted.
create table mark_word (
  attempt_id bigint not null references mark on delete cascade,
  word int not null,
  pupil_id bigint not null,
  on_day int not null,
  target varchar(300) not null,
  attempt varchar(400) not null,
  kind varchar(20) not null,
  result varchar(20),
  need varchar(20),
  sounds int not null,
  represented int not null,
  elements int not null,
  counted boolean not null,
  primary key (attempt_id, word)
);
create index mark_word_by_pupil on mark_word (pupil_id, counted, target, on_day, need);

create table mark_unit (
  attempt_id bigint not null references mark on delete cascade,
  word int not null,
  unit int not null,
  pupil_id bigint not null,
  on_day int not null,
  target varchar(300) not null,
  attempt varchar(400) not null,
  sound varchar(40) not null,
  due varchar(20) not null,
  open_to varchar(200) not null,
  written varchar(400) not null,
  verdict varchar(20) not null,
  confusion varchar(40),
  counted boolean not null,
  primary key (attempt_id, word, unit)
);
create index mark_unit_by_pupil on mark_unit (pupil_id, counted, on_day);

create table mark_rule (
  attempt_id bigint not null references mark on delete cascade,
  word int not null,
  place int not null,
  pupil_id bigint not null,
  on_day int not null,
  target varchar(300) not null,
  attempt varchar(400) not null,
  rule varchar(40) not null,
  condition varchar(80),
  unit int not null,
  side varchar(20) not null,
  outcome varchar(20) not null,
  kept boolean not null,
  primary key (attempt_id, word, place)
);
create index mark_rule_counted on mark_rule (pupil_id, kept, rule, condition, side, on_day);

create table mark_convention (
  attempt_id bigint not null references mark on delete cascade,
  rule varchar(40) not null,
  pupil_id bigint not null,
  on_day int not null,
  outcome varchar(20) not null,
  words varchar(1000) not null,
  primary key (attempt_id, rule, outcome)
);
create index mark_convention_by_pupil on mark_convention (pupil_id, rule, on_day);

-- The teacher's own judgement, of the text she saw: a fact. The newest of an attempt counts, until it is withdrawn
-- or the text is another. In 0.1 "as marked" was kept as a frozen result; it withdraws.
create table override_log (
  id bigint primary key,
  attempt_id bigint not null references attempt,
  account_id bigint not null references account,
  made_at timestamp with time zone not null,
  judged varchar(400) not null,
  result varchar(20) not null,
  note varchar(300) not null,
  withdrawn_at timestamp with time zone
);
create index override_log_by_attempt on override_log (attempt_id, id);
create index override_log_by_account on override_log (account_id);
insert into override_log
  select o.id, o.attempt_id, o.account_id, o.made_at, a.written, o.result, o.note,
    case when o.result in ('READS_RIGHT', 'READS_OTHERWISE', 'SOUND_ERROR') then o.made_at end
  from old_override o join old_attempt a on a.id = o.attempt_id;

create index own_word_by_account on own_word (account_id);
