-- Jobs are found by each word of their record once: an index of every line's words is many times larger.
alter table hand_over add column terms mediumtext not null default '' after words;
update hand_over set terms = words;
alter table hand_over drop key hand_over_words, add fulltext key hand_over_terms (terms);

-- Jobs that are worked on are few among all.
alter table job add key job_open (shop_id, closed_at, touched_at);
