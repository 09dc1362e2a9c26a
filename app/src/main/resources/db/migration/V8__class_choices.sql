-- What a class does in its own way, as JSON: it is read whole and asked of in no query. Hundredths of more time for a child.
alter table class_profile add column choices varchar(8000) default '{}' not null;
alter table enrolment add column extra_time int default 0 not null;
