create table goal_set (
  id varchar(36) not null,
  name varchar(120) not null,
  note varchar(300) not null,
  revision int not null,
  created_at datetime(3) not null,
  primary key (id)
);

create table goal (
  goal_set_id varchar(36) not null,
  component varchar(20) not null,
  lower_limit double,
  upper_limit double,
  primary key (goal_set_id, component),
  foreign key (goal_set_id) references goal_set (id) on delete cascade
);
