-- A kept version of a preparation that a pinned mass is an amount of; its parts are pins that name
-- it as their parent, by its position in the same version.
alter table pinned_mass add column preparation_version varchar(36);
alter table pinned_mass add column parent_position int;
alter table pinned_mass add foreign key (preparation_version) references version (id);
