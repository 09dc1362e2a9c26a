drop table old_override;
drop table old_mark;
drop table old_attempt;
drop table old_item;
drop table old_dictation;
drop table old_pupil;
drop table old_class;
