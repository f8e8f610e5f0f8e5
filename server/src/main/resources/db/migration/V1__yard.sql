-- Ids are UUIDv7 made by the client, kept as text: they sort by time. Every row belongs to a shop.

create table shop (
  id   char(36) character set ascii collate ascii_bin not null primary key,
  name varchar(80) not null
);

create table person (
  id      char(36) character set ascii collate ascii_bin not null primary key,
  shop_id char(36) character set ascii collate ascii_bin not null,
  name    varchar(60) not null,
  constraint person_shop foreign key (shop_id) references shop (id),
  constraint person_name unique (shop_id, name)
);

create table vehicle (
  id                char(36) character set ascii collate ascii_bin not null primary key,
  shop_id           char(36) character set ascii collate ascii_bin not null,
  version           int not null,
  name              varchar(80) not null,
  nickname          varchar(80) not null,
  driver_side       varchar(5) not null,
  wheelbase_mm      double null,
  lamp_ahead_mm     double null,
  width_mm          double null,
  dipped            varchar(16) not null,
  fog               varchar(16) null,
  steeper_by_maker  tinyint(1) not null,
  changed_by        varchar(60) not null,
  changed_at        datetime(3) not null,
  constraint vehicle_shop foreign key (shop_id) references shop (id)
);

-- What is remembered of a vehicle's aiming screws.
create table adjuster (
  id               char(36) character set ascii collate ascii_bin not null primary key,
  shop_id          char(36) character set ascii collate ascii_bin not null,
  vehicle_id       char(36) character set ascii collate ascii_bin not null,
  version          int not null,
  lamp             varchar(16) not null,
  side             varchar(5) not null,
  axis             varchar(16) not null,
  drive            varchar(80) not null,
  place            varchar(120) not null,
  reach            varchar(16) not null,
  remembered_rate  double null,
  changed_by       varchar(60) not null,
  changed_at       datetime(3) not null,
  constraint adjuster_shop foreign key (shop_id) references shop (id),
  constraint adjuster_vehicle foreign key (vehicle_id) references vehicle (id)
);

create table bay (
  id         char(36) character set ascii collate ascii_bin not null primary key,
  shop_id    char(36) character set ascii collate ascii_bin not null,
  version    int not null,
  name       varchar(60) not null,
  note       varchar(300) not null,
  units      varchar(8) not null,
  changed_by varchar(60) not null,
  changed_at datetime(3) not null,
  constraint bay_shop foreign key (shop_id) references shop (id)
);

create table job (
  id             char(36) character set ascii collate ascii_bin not null primary key,
  shop_id        char(36) character set ascii collate ascii_bin not null,
  version        int not null,
  vehicle_id     char(36) character set ascii collate ascii_bin not null,
  bay_id         char(36) character set ascii collate ascii_bin null,
  work           varchar(120) not null,
  rule_set       varchar(41) not null,
  traffic        varchar(5) not null,
  units          varchar(8) not null,
  school         varchar(16) not null,
  label_typed    varchar(60) null,
  label_percent  double null,
  stance_changed tinyint(1) not null,
  front_closed   tinyint(1) not null,
  mark_edge      varchar(8) not null,
  mark_origin    varchar(16) not null,
  tape_width_mm  double not null,
  changed_by     varchar(60) not null,
  changed_at     datetime(3) not null,
  touched_at     datetime(3) not null,
  constraint job_shop foreign key (shop_id) references shop (id),
  constraint job_vehicle foreign key (vehicle_id) references vehicle (id),
  constraint job_bay foreign key (bay_id) references bay (id),
  key job_yard (shop_id, touched_at desc, id desc)
);

-- Append-only: no row is ever changed. A correction names the reading that it strikes through.
create table reading (
  seq         bigint not null auto_increment primary key,
  id          char(36) character set ascii collate ascii_bin not null,
  shop_id     char(36) character set ascii collate ascii_bin not null,
  job_id      char(36) character set ascii collate ascii_bin null,
  bay_id      char(36) character set ascii collate ascii_bin null,
  kind        varchar(24) not null,
  lamp        varchar(16) not null,
  side        varchar(5) null,
  adjuster_id char(36) character set ascii collate ascii_bin null,
  typed       varchar(60) not null,
  units       varchar(8) not null,
  value       double not null,
  strikes     char(36) character set ascii collate ascii_bin null,
  taken_by    varchar(60) not null,
  taken_at    datetime(3) not null,
  constraint reading_id unique (id),
  constraint reading_struck_once unique (strikes),
  constraint reading_shop foreign key (shop_id) references shop (id),
  constraint reading_job foreign key (job_id) references job (id),
  constraint reading_bay foreign key (bay_id) references bay (id),
  constraint reading_strikes foreign key (strikes) references reading (id),
  constraint reading_of_one check ((job_id is null) <> (bay_id is null)),
  key reading_of_job (job_id, seq),
  key reading_of_bay (bay_id, seq)
);
