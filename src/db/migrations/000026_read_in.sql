-- In what a kitchen reads numbers: a word for each choice, usual ones left out; whether letters alone are keys.
alter table kitchen
  add column reads jsonb not null default '{}' constraint kitchen_reads_are_named check (jsonb_typeof(reads) = 'object');
-- Kitchens that were set up with US measures expect the rest of them as well.
update kitchen set reads = '{"heat": "f", "length": "in", "mass": "oz", "clock": "12", "date": "month-first", "week": "sunday"}'
where measures = 'us' and not is_demo;
create or replace view kitchen_there as select id, name, is_demo, made_at, reads from kitchen;
