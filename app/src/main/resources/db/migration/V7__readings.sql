-- The one table of doubt becomes three: what is off, what is usual where nobody measured, and how
-- much more one way holds than another.
create table uncertainty (
  way varchar(40) not null,
  shared double not null,
  per_use double not null,
  primary key (way)
);

create table usual_amount (
  usual varchar(40) not null,
  grams double not null,
  primary key (usual)
);

create table factor (
  factor varchar(40) not null,
  ratio double not null,
  primary key (factor)
);

/* [jooq ignore start] */
insert into uncertainty (way, shared, per_use)
  select way, shared, case way when 'WEIGHED' then 0 else per_use end from doubt
  where way not in ('SPRAY', 'PAN_FAT_NOT_MEASURED', 'SCOOPED_OVER_SPOONED', 'HEAPED_OVER_LEVEL',
    'ROUNDED_OVER_LEVEL', 'SCANT_OVER_LEVEL', 'DRAINED_OF_TIN');
insert into uncertainty (way, shared, per_use) select 'SPRAY', per_use, 0 from doubt where way = 'SPRAY';
insert into uncertainty (way, shared, per_use)
  select 'DRAINED', 0, per_use from doubt where way = 'DRAINED_OF_TIN';
insert into usual_amount (usual, grams)
  select 'SCALE_STEP', per_use from doubt where way = 'WEIGHED' and per_use > 0;
insert into usual_amount (usual, grams)
  select 'SPRAY_SECOND', shared from doubt where way = 'SPRAY' and shared > 0;
insert into usual_amount (usual, grams)
  select 'PAN_FAT', shared from doubt where way = 'PAN_FAT_NOT_MEASURED' and shared > 0;
-- A factor of 0 was never meant: such a row goes back to what ships.
insert into factor (factor, ratio)
  select way, shared from doubt
  where way in ('SCOOPED_OVER_SPOONED', 'HEAPED_OVER_LEVEL', 'ROUNDED_OVER_LEVEL',
    'SCANT_OVER_LEVEL', 'DRAINED_OF_TIN') and shared > 0 and shared <= 10;
/* [jooq ignore stop] */

drop table doubt;

alter table goal rename column component to measurand;

-- A kept version holds its whole reading, as one document of a known format; what it was made of
-- stands beside it, to be found by.
alter table version add column kind varchar(20);
alter table version add column reading longtext;

create table version_food (
  version_id varchar(36) not null,
  food_id varchar(60) not null,
  revision int not null,
  primary key (version_id, food_id, revision),
  foreign key (version_id) references version (id) on delete cascade
);

create table version_preparation (
  version_id varchar(36) not null,
  preparation_version varchar(36) not null,
  primary key (version_id, preparation_version),
  foreign key (version_id) references version (id) on delete cascade,
  foreign key (preparation_version) references version (id)
);

create index version_food_by_food on version_food (food_id);

alter table draft add column kind varchar(20);
