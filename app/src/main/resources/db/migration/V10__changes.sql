-- What was changed, in which order: each change of a part takes the next number, whoever makes it.
create table change_number (
  part varchar(20) not null,
  number bigint not null,
  primary key (part)
);

/* [jooq ignore start] */
insert into change_number (part, number) values
  ('LARDER', 0), ('PREPARATIONS', 0), ('GOALS', 0), ('WEIGHINGS', 0), ('DOUBT', 0), ('DEMO', 0);
/* [jooq ignore stop] */

-- The change that made a food what it is.
alter table food add column changed bigint not null default 0;
create index food_by_change on food (changed);

-- Writes that were done, with what was answered: sent again, they are answered again, not done again.
create table answered (
  request_key varchar(64) not null,
  request_hash char(64) not null,
  status int not null,
  content_type varchar(100),
  entity_tag varchar(40),
  location varchar(200),
  body longblob,
  answered_at datetime(3) not null,
  primary key (request_key)
);
create index answered_by_time on answered (answered_at);
