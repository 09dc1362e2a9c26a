-- What is stored of a mark is its outcomes alone, as core has them; how it is drawn is made from the attempt when a page
-- asks. Every mark is made anew once, behind the screens.
alter table mark drop column shown;
alter table mark add column signs_right boolean;
