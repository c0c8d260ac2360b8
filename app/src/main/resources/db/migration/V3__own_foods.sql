-- What the larder keeps of a food besides its composition revisions: role, allergens, measures,
-- names, where it is from, as one document that the larder alone reads.
alter table food add column body longtext;

-- Entered or edited here: what ships with the application no longer changes it.
alter table food add column own boolean not null default false;

-- A value's own standard uncertainty per 100 g, as of a label; null for that of a food table.
alter table composition_value add column u double;
