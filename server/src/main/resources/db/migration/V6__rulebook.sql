-- A shop's own rule sets: every version stays. The newest holds, but for jobs judged by an older.
create table local_rule_set (
  shop_id    char(36) character set ascii collate ascii_bin not null,
  id         varchar(41) character set ascii collate ascii_bin not null,
  version    int not null,
  content    mediumtext not null,
  changed_by varchar(60) not null,
  changed_at datetime(3) not null,
  primary key (shop_id, id, version),
  constraint local_rule_set_shop foreign key (shop_id) references shop (id),
  constraint local_rule_set_is_json check (json_valid(content))
);

-- Append-only: somebody held a rule against the text in force.
create table rule_confirmation (
  id           char(36) character set ascii collate ascii_bin not null primary key,
  shop_id      char(36) character set ascii collate ascii_bin not null,
  set_id       varchar(41) not null,
  set_version  int not null,
  rule_id      varchar(61) not null,
  place        varchar(200) not null,
  person       varchar(60) not null,
  confirmed_at datetime(3) not null,
  constraint rule_confirmation_shop foreign key (shop_id) references shop (id),
  key rule_confirmation_of_shop (shop_id, confirmed_at)
);

-- The version of a local set that a job is judged by.
create table job_rule_set (
  job_id   char(36) character set ascii collate ascii_bin not null,
  set_id   varchar(41) character set ascii collate ascii_bin not null,
  shop_id  char(36) character set ascii collate ascii_bin not null,
  version  int not null,
  taken_by varchar(60) not null,
  taken_at datetime(3) not null,
  primary key (job_id, set_id),
  constraint job_rule_set_job foreign key (job_id) references job (id),
  constraint job_rule_set_shop foreign key (shop_id) references shop (id)
);
