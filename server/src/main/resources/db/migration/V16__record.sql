-- One list of facts a job (or bay), append-only: what was read, done and settled, in the order in which it
-- was kept. Until now readings, entries of the workshop and documents each had a table of their own; those
-- of documents go on to hold what is current.
create table fact (
  seq     bigint not null auto_increment primary key,
  id      char(36) character set ascii collate ascii_bin not null,
  shop_id char(36) character set ascii collate ascii_bin not null,
  job_id  char(36) character set ascii collate ascii_bin null,
  bay_id  char(36) character set ascii collate ascii_bin null,
  stage   varchar(16) character set ascii collate ascii_bin not null,
  kind    varchar(16) character set ascii collate ascii_bin not null,
  shape   smallint not null,
  content mediumtext not null,
  strikes char(36) character set ascii collate ascii_bin null,
  kept_by varchar(60) not null,
  device  varchar(60) not null,
  made_at datetime(3) not null,
  constraint fact_id unique (id),
  constraint fact_struck_once unique (strikes),
  constraint fact_shop foreign key (shop_id) references shop (id),
  constraint fact_job foreign key (job_id) references job (id),
  constraint fact_bay foreign key (bay_id) references bay (id),
  constraint fact_strikes foreign key (strikes) references fact (id),
  constraint fact_of_one check ((job_id is null) <> (bay_id is null)),
  constraint fact_is_json check (json_valid(content)),
  key fact_of_job (job_id, seq),
  key fact_of_bay (bay_id, seq),
  key fact_latest (shop_id, kind, made_at)
);
-- Each list keeps its own order, and they are joined by time: nothing stands before what it strikes.
create temporary table kept (
  id      char(36) character set ascii collate ascii_bin not null,
  shop_id char(36) character set ascii collate ascii_bin not null,
  job_id  char(36) character set ascii collate ascii_bin null,
  bay_id  char(36) character set ascii collate ascii_bin null,
  stage   varchar(16) character set ascii collate ascii_bin not null,
  kind    varchar(16) character set ascii collate ascii_bin not null,
  content mediumtext not null,
  strikes char(36) character set ascii collate ascii_bin null,
  kept_by varchar(60) not null,
  made_at datetime(3) not null,
  moment  datetime(3) not null,
  origin  int not null,
  place   bigint not null
);
insert into kept
select
  id, shop_id, job_id, bay_id,
  case
    when kind in ('DISTANCE', 'CUTOFF_BELOW', 'CUTOFF_HEIGHT', 'CUTOFF_LADEN', 'STEP_LEFT', 'ROLL_RISE',
      'ROLL_RUN', 'TURN', 'AXIS_MARK') then 'WALL'
    else 'CAME'
  end,
  'read',
  json_object('kind', kind, 'lamp', lamp, 'side', side, 'screw', adjuster_id, 'typed', typed,
    'units', units, 'value', value),
  strikes, taken_by, taken_at,
  max(taken_at) over (partition by job_id, bay_id order by seq), 0, seq
from reading;
insert into kept
select
  id, shop_id, job_id, null,
  coalesce(json_value(content, '$.stage'), 'APART'),
  case
    when json_type(json_extract(content, '$.out')) = 'OBJECT' then 'out'
    when json_type(json_extract(content, '$.move')) = 'OBJECT' then 'move'
    when json_type(json_extract(content, '$.step')) = 'OBJECT' then 'step'
    when json_type(json_extract(content, '$.timer')) = 'OBJECT' then 'timer'
    when json_type(json_extract(content, '$.stop')) = 'OBJECT' then 'stop'
    when json_type(json_extract(content, '$.bake')) = 'OBJECT' then 'bake'
    when json_type(json_extract(content, '$.heat')) = 'OBJECT' then 'heat'
    when json_type(json_extract(content, '$.proof')) = 'OBJECT' then 'proof'
    when json_type(json_extract(content, '$.lens')) = 'OBJECT' then 'lens'
    when json_type(json_extract(content, '$.measure')) = 'OBJECT' then 'measure'
    when json_type(json_extract(content, '$.choice')) = 'OBJECT' then 'choice'
    when json_type(json_extract(content, '$.flash')) = 'OBJECT' then 'flash'
    when json_type(json_extract(content, '$.battery')) = 'OBJECT' then 'battery'
    else 'undone'
  end,
  coalesce(
    if(json_type(json_extract(content, '$.out')) = 'OBJECT', json_extract(content, '$.out'), null),
    if(json_type(json_extract(content, '$.move')) = 'OBJECT', json_extract(content, '$.move'), null),
    if(json_type(json_extract(content, '$.step')) = 'OBJECT', json_extract(content, '$.step'), null),
    if(json_type(json_extract(content, '$.timer')) = 'OBJECT', json_extract(content, '$.timer'), null),
    if(json_type(json_extract(content, '$.stop')) = 'OBJECT', json_extract(content, '$.stop'), null),
    if(json_type(json_extract(content, '$.bake')) = 'OBJECT', json_extract(content, '$.bake'), null),
    if(json_type(json_extract(content, '$.heat')) = 'OBJECT', json_extract(content, '$.heat'), null),
    if(json_type(json_extract(content, '$.proof')) = 'OBJECT', json_extract(content, '$.proof'), null),
    if(json_type(json_extract(content, '$.lens')) = 'OBJECT', json_extract(content, '$.lens'), null),
    if(json_type(json_extract(content, '$.measure')) = 'OBJECT', json_extract(content, '$.measure'), null),
    if(json_type(json_extract(content, '$.choice')) = 'OBJECT', json_extract(content, '$.choice'), null),
    if(json_type(json_extract(content, '$.flash')) = 'OBJECT', json_extract(content, '$.flash'), null),
    if(json_type(json_extract(content, '$.battery')) = 'OBJECT', json_extract(content, '$.battery'), null),
    '{}'),
  strikes, made_by, made_at,
  max(made_at) over (partition by job_id order by seq), 1, seq
from workshop_entry;
insert into kept
select
  insert(insert(insert(insert(md5(concat(job_id, stage)), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'),
  shop_id, job_id, null, if(stage = 'FOUND', 'HAND_OVER', stage), 'revised',
  json_object('document', stage, 'version', version, 'content', content),
  null, changed_by, changed_at, changed_at, 2, 0
from sheet;
insert into kept
select
  insert(insert(insert(insert(md5(concat(id, 'SETTINGS')), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'),
  shop_id, id, null, 'TAKE_IN', 'revised',
  json_object('document', 'SETTINGS', 'version', version, 'content', convert(json_object(
    'version', version, 'vehicleId', vehicle_id, 'bayId', bay_id, 'work', work, 'ruleSet', rule_set,
    'traffic', traffic, 'units', units, 'school', school, 'labelTyped', label_typed,
    'stanceChanged', json_extract(if(stance_changed, 'true', 'false'), '$'),
    'frontClosed', json_extract(if(front_closed, 'true', 'false'), '$'),
    'markEdge', mark_edge, 'markOrigin', mark_origin, 'tapeWidthMm', tape_width_mm) using utf8mb4)),
  null, changed_by, changed_at, changed_at, 3, 0
from job;
insert into kept
select
  insert(insert(insert(insert(md5(concat(id, 'photo')), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'),
  shop_id, job_id, null, 'CAME', 'photo', json_object('photo', id, 'version', 1),
  null, taken_by, taken_at, taken_at, 4, 0
from photo;
insert into kept
select
  insert(insert(insert(insert(md5(concat(job_id, 'closed')), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'),
  shop_id, job_id, null, 'HAND_OVER', 'closed', json_object('reason', reason, 'language', language),
  null, closed_by, closed_at, closed_at, 5, 0
from hand_over;
insert into kept
select
  insert(insert(insert(insert(md5(concat(id, 'amended')), 9, 0, '-'), 14, 0, '-'), 19, 0, '-'), 24, 0, '-'),
  shop_id, job_id, null, 'HAND_OVER', 'amended', json_object('words', words, 'why', why),
  null, made_by, made_at, made_at, 6, seq
from amendment;
insert into fact
  (id, shop_id, job_id, bay_id, stage, kind, shape, content, strikes, kept_by, device, made_at)
select id, shop_id, job_id, bay_id, stage, kind, 1, content, strikes, kept_by, '', made_at
from kept
order by moment, origin, place;
drop temporary table kept;
drop table workshop_entry;
drop table reading;
