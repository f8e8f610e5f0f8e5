-- Which vehicle it is, to find its like again; its outline, to draw it.
alter table vehicle
  add column variant varchar(80) null after nickname,
  add column model_year smallint null after variant,
  add column body varchar(16) null after width_mm,
  add column height_mm double null after body,
  add column front_overhang_mm double null after height_mm,
  add column rear_overhang_mm double null after front_overhang_mm,
  add key vehicle_name (shop_id, name);

alter table sheet
  add key sheet_recent (shop_id, stage, changed_at);
