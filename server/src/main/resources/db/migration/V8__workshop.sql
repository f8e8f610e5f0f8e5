-- What is written down while working: append-only, as readings are. An entry may strike an earlier one.
create table workshop_entry (
  seq     bigint not null auto_increment primary key,
  id      char(36) character set ascii collate ascii_bin not null,
  shop_id char(36) character set ascii collate ascii_bin not null,
  job_id  char(36) character set ascii collate ascii_bin not null,
  content mediumtext not null,
  strikes char(36) character set ascii collate ascii_bin null,
  made_by varchar(60) not null,
  made_at datetime(3) not null,
  constraint workshop_entry_id unique (id),
  constraint workshop_entry_struck_once unique (strikes),
  constraint workshop_entry_shop foreign key (shop_id) references shop (id),
  constraint workshop_entry_job foreign key (job_id) references job (id),
  constraint workshop_entry_strikes foreign key (strikes) references workshop_entry (id),
  constraint workshop_entry_is_json check (json_valid(content)),
  key workshop_entry_of_job (job_id, seq)
);
