-- Rows of the table of doubt that the user changed; those that ship stand where none is here.
create table doubt (
  way varchar(40) not null,
  shared double not null,
  per_use double not null,
  primary key (way)
);

-- Each time something was both filled and weighed: what one of the unit weighed, g.
create table weighing (
  id varchar(36) not null,
  food_id varchar(60) not null,
  unit varchar(20) not null,
  packing varchar(20) not null,
  grams double not null,
  weighed_at datetime(3) not null,
  primary key (id)
);
