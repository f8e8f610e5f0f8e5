-- The version of its shape in which a document is stored. Until now each had but one.
alter table sheet add column shape smallint not null default 1;
