-- Which document a line revised, so that the version that holds is the last line of its index.
alter table fact
  add column document varchar(16) character set ascii collate ascii_bin
    generated always as (case when kind = 'revised' then json_value(content, '$.document') end) virtual,
  add key fact_of_document (job_id, document, seq);
