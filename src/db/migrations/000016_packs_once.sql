-- Each pack of a batch has a place in its row: what is put away by two at once is put away once.
alter table jar add column slot integer, add column portion text;
update jar set slot = numbered.slot
  from (select id, row_number() over (partition by batch_id order by created_at, id)::int as slot from jar where batch_id is not null) numbered
  where numbered.id = jar.id;
create unique index jar_is_put_away_once on jar (batch_id, slot);
