-- How far values of food tables were taken to be off when the version was kept; relative.
alter table version add column table_doubt double not null default 0.05;
alter table version add column fibre_doubt double not null default 0.1;
