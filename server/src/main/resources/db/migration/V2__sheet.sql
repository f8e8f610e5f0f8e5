-- What is settled at a stage of a job, as one versioned document; nothing that is computed from it.
create table sheet (
  job_id     char(36) character set ascii collate ascii_bin not null,
  stage      varchar(16) not null,
  shop_id    char(36) character set ascii collate ascii_bin not null,
  version    int not null,
  content    mediumtext not null,
  changed_by varchar(60) not null,
  changed_at datetime(3) not null,
  primary key (job_id, stage),
  constraint sheet_job foreign key (job_id) references job (id),
  constraint sheet_shop foreign key (shop_id) references shop (id),
  constraint sheet_is_json check (json_valid(content))
);
