-- What is looked up by these columns: words whose cut a school changed, a child's own sittings when it leaves, and
-- what an account made.
create index mark_word_by_target on mark_word (target);
create index sitting_by_pupil on sitting (pupil_id);
create index own_text_by_account on own_text (account_id);
create index own_template_by_account on own_template (account_id);
