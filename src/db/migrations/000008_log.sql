-- What else was seen of a batch: how thick it was cut, how brown it came out, how long it really took, what the dogs said.
alter table measurement
  add column minutes      numeric constraint measurement_takes_time check (minutes > 0),
  add column thickness_mm numeric constraint measurement_is_thick check (thickness_mm > 0),
  add column colour       text,
  add column dogs         jsonb not null default '[]';

-- Apart from the numbers, which are read far more often.
create table photo (
  batch_id   uuid primary key references batch on delete cascade,
  media_type text not null,
  picture    bytea not null
);
