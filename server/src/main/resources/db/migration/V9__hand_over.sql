-- A job that was handed over is closed: nothing of it changes any more, corrections stand beside.
alter table job add column closed_at datetime(3) null;

create table hand_over (
  job_id    char(36) character set ascii collate ascii_bin not null primary key,
  shop_id   char(36) character set ascii collate ascii_bin not null,
  reason    varchar(600) not null,
  findings  mediumtext not null,
  words     mediumtext not null,
  closed_by varchar(60) not null,
  closed_at datetime(3) not null,
  constraint hand_over_job foreign key (job_id) references job (id),
  constraint hand_over_shop foreign key (shop_id) references shop (id),
  constraint hand_over_is_json check (json_valid(findings)),
  key hand_over_of_shop (shop_id, closed_at desc),
  fulltext key hand_over_words (words)
);

-- What is corrected after hand-over: added beside, never instead.
create table amendment (
  seq     bigint not null auto_increment primary key,
  id      char(36) character set ascii collate ascii_bin not null,
  shop_id char(36) character set ascii collate ascii_bin not null,
  job_id  char(36) character set ascii collate ascii_bin not null,
  words   varchar(600) not null,
  why     varchar(300) not null,
  made_by varchar(60) not null,
  made_at datetime(3) not null,
  constraint amendment_id unique (id),
  constraint amendment_shop foreign key (shop_id) references shop (id),
  constraint amendment_job foreign key (job_id) references job (id),
  key amendment_of_job (job_id, seq)
);

-- A job that came back, and the one that it came back from.
create table comeback (
  job_id  char(36) character set ascii collate ascii_bin not null primary key,
  of_job  char(36) character set ascii collate ascii_bin not null,
  shop_id char(36) character set ascii collate ascii_bin not null,
  constraint comeback_job foreign key (job_id) references job (id),
  constraint comeback_of foreign key (of_job) references job (id),
  constraint comeback_shop foreign key (shop_id) references shop (id)
);
