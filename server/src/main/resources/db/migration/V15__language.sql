-- The language in which a job was handed over. Until now only English was on offer.
alter table hand_over add column language varchar(12) character set ascii collate ascii_bin not null default 'en';
