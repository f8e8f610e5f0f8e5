-- What a front's lengths were read to belongs to the front. Until now the units of its job told it.
update sheet
  join job on job.id = sheet.job_id
  set sheet.content = json_set(sheet.content, '$.readToMm', 1.5875)
  where sheet.stage = 'PLACE'
    and job.units = 'IMPERIAL'
    and json_extract(sheet.content, '$.readToMm') is null;
