-- What V8 lifted into readings.
drop table pinned_source;
drop table pinned_mass;
alter table version drop column piece_variation;
alter table version drop column bowl_gaps;
alter table version drop column pan_gaps;
alter table version drop column plate_gaps;
alter table version drop column table_doubt;
alter table version drop column fibre_doubt;
