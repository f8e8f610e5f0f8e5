-- A shop's own plans of feeding lamps: every version stays, the newest holds for new work.
create table feed_plan (
  shop_id    char(36) character set ascii collate ascii_bin not null,
  id         varchar(41) character set ascii collate ascii_bin not null,
  version    int not null,
  content    mediumtext not null,
  changed_by varchar(60) not null,
  changed_at datetime(3) not null,
  primary key (shop_id, id, version),
  constraint feed_plan_shop foreign key (shop_id) references shop (id),
  constraint feed_plan_is_json check (json_valid(content))
);
