-- What reheating and the plate added to what was taken out, and what all of it held.
alter table stock_event add column added varchar(2000) not null default '';
alter table stock_event add column figures longtext;
