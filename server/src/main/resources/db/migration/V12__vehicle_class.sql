-- By which rule sets a vehicle may be judged, and whether its driving lamps are aimed.
alter table vehicle
  add column vehicle_class varchar(10) character set ascii collate ascii_bin null after body,
  add column driving_aimed boolean null after lens_fog;
