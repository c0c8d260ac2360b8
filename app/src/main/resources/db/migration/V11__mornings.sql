-- What the cook portions with: a ladle, a scoop, an iron.
create table tool (
  id varchar(36) not null,
  name varchar(60) not null,
  kind varchar(20) not null,
  fill varchar(100) not null,
  pieces double not null,
  made_at datetime(3) not null,
  primary key (id),
  unique (name)
);

-- What one fill of it weighed, g.
create table tool_weighing (
  id varchar(36) not null,
  tool_id varchar(36) not null,
  grams double not null,
  weighed_at datetime(3) not null,
  primary key (id),
  foreign key (tool_id) references tool (id) on delete cascade
);

-- Toppings that go together, as lines.
create table topping_set (
  id varchar(36) not null,
  name varchar(60) not null,
  texts longtext not null,
  made_at datetime(3) not null,
  primary key (id),
  unique (name)
);

-- A morning at the stove, with a kept version.
create table run (
  id varchar(36) not null,
  version_id varchar(36) not null,
  started_at datetime(3) not null,
  cook varchar(120) not null,
  primary key (id),
  foreign key (version_id) references version (id) on delete cascade
);
create index run_by_version on run (version_id, started_at);

-- What happened, in the order in which it was told: added to, never changed.
create table run_event (
  id varchar(36) not null,
  run_id varchar(36) not null,
  number int not null,
  happened_at datetime(3) not null,
  kind varchar(20) not null,
  text varchar(500) not null,
  amount double,
  about varchar(60),
  primary key (id),
  unique (run_id, number),
  foreign key (run_id) references run (id) on delete cascade
);

-- What is in the fridge and the freezer. Figures are those of one piece, or of 100 g, then.
create table stock (
  id varchar(36) not null,
  version_id varchar(36),
  name varchar(200) not null,
  form varchar(20) not null,
  place varchar(20) not null,
  amount double not null,
  made_at datetime(3) not null,
  figures longtext not null,
  raw_egg boolean not null,
  note varchar(300) not null,
  primary key (id),
  foreign key (version_id) references version (id) on delete set null
);

-- What was taken out of it; added to, never changed.
create table stock_event (
  id varchar(36) not null,
  stock_id varchar(36) not null,
  happened_at datetime(3) not null,
  kind varchar(20) not null,
  amount double not null,
  primary key (id),
  foreign key (stock_id) references stock (id) on delete cascade
);

/* [jooq ignore start] */
insert into change_number (part, number) values ('TOOLS', 0), ('RUNS', 0);
/* [jooq ignore stop] */

-- Figures that follow from components have longer names.
/* [jooq ignore start] */
alter table goal modify column measurand varchar(40) not null;
/* [jooq ignore stop] */
