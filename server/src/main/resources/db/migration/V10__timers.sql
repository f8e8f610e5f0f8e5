-- The timers of a shop are looked for among the latest entries of all its jobs.
alter table workshop_entry add key workshop_entry_latest (shop_id, made_at);
