-- A class's own teaching sequence, as its CSV; empty for ours.
alter table class_profile add column own_order varchar(40000) default '' not null;
