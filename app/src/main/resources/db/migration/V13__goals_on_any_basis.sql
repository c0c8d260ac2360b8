-- Goals on a piece or on 100 g cooked as well, and such as are nice to have.
create table goal_limit (
  goal_set_id varchar(36) not null,
  measurand varchar(40) not null,
  basis varchar(20) not null,
  wish boolean not null,
  lower_limit double,
  upper_limit double,
  primary key (goal_set_id, measurand, basis),
  foreign key (goal_set_id) references goal_set (id) on delete cascade
);

insert into goal_limit (goal_set_id, measurand, basis, wish, lower_limit, upper_limit)
  select goal_set_id, measurand, 'AS_SERVED', false, lower_limit, upper_limit from goal;

drop table goal;
