-- What was removed, whole, until it is put back or thrown away for good; words to find recipes by.
create table bin (
  id varchar(36) not null,
  kind varchar(20) not null,
  name varchar(200) not null,
  removed_at datetime(3) not null,
  body longtext not null,
  primary key (id)
);

alter table recipe add column tags varchar(400) not null default '';
