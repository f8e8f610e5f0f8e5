-- A job of which something cannot be read: taken out of the yard, and kept as it is.
alter table job
  add column aside_at datetime(3) null,
  add column aside_by varchar(60) null,
  add column aside_why varchar(300) null,
  add key job_aside (shop_id, aside_at);
