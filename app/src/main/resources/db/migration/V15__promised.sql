-- What a set of goals asks to be free from, by name, a space between.
alter table goal_set add column promises varchar(400) not null default '';
