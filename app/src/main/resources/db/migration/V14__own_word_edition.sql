-- Which edition of the school's own words stands. It rises with every change, and whatever was made from an older one
-- is made anew; since it is a row, whoever works on this database sees it.
create table own_word_edition (
    id     integer primary key,
    number bigint  not null
);
insert into own_word_edition (id, number) values (1, 0);
