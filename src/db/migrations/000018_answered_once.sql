-- What was answered to a request that carries a key: asked again with the same key, it is not done again.
create table answered (
  key       text not null,
  door      text not null,
  body_hash text not null,
  answer    jsonb not null,
  at        timestamptz not null default now(),
  primary key (door, key)
);
create index answered_by_age on answered (at);
