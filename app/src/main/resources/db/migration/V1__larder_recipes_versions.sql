-- A food's identity. What it holds is in its composition revisions.
create table food (
  id varchar(60) not null,
  name varchar(120) not null,
  primary key (id)
);

-- A composition revision is never changed; an edit makes the next one.
create table composition (
  food_id varchar(60) not null,
  revision int not null,
  doubt double not null,
  primary key (food_id, revision),
  foreign key (food_id) references food (id)
);

create table composition_value (
  food_id varchar(60) not null,
  revision int not null,
  component varchar(20) not null,
  amount double not null,
  primary key (food_id, revision, component),
  foreign key (food_id, revision) references composition (food_id, revision)
);

create table recipe (
  id varchar(36) not null,
  name varchar(120) not null,
  created_at datetime(3) not null,
  primary key (id)
);

create table draft (
  recipe_id varchar(36) not null,
  revision int not null,
  parent_id varchar(36),
  body longtext not null,
  saved_at datetime(3) not null,
  primary key (recipe_id),
  foreign key (recipe_id) references recipe (id) on delete cascade
);

-- A kept version: its rows are never updated. The body is what the cook stated; the pins below are
-- all that its figures depend on.
create table version (
  id varchar(36) not null,
  recipe_id varchar(36) not null,
  number int not null,
  parent_id varchar(36),
  reason varchar(300) not null,
  kept_at datetime(3) not null,
  body longtext not null,
  piece_variation double not null,
  bowl_gaps boolean not null,
  pan_gaps boolean not null,
  plate_gaps boolean not null,
  primary key (id),
  unique (recipe_id, number),
  foreign key (recipe_id) references recipe (id) on delete cascade
);

create table pinned_mass (
  version_id varchar(36) not null,
  position int not null,
  station varchar(20) not null,
  line_id varchar(60) not null,
  food_id varchar(60),
  composition_revision int,
  grams double not null,
  primary key (version_id, position),
  foreign key (version_id) references version (id) on delete cascade,
  foreign key (food_id, composition_revision) references composition (food_id, revision)
);

create table pinned_source (
  version_id varchar(36) not null,
  position int not null,
  source_key varchar(200) not null,
  scope varchar(20) not null,
  distribution varchar(20) not null,
  words varchar(300) not null,
  sensitivity double not null,
  primary key (version_id, position, source_key),
  foreign key (version_id, position) references pinned_mass (version_id, position) on delete cascade
);
