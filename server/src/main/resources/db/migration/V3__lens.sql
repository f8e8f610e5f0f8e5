-- What is moulded on the lenses, typed as it stands there; the class of beam follows from it.
alter table vehicle
  add column lens_dipped varchar(200) null after dipped,
  add column lens_fog varchar(200) null after fog;
