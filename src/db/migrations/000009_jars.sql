-- The store room: every pack with its place, what is left in it, and what became of it.
create table jar (
  id         uuid primary key default gen_random_uuid(),
  kitchen_id text not null references kitchen on delete cascade,
  batch_id   uuid references batch on delete set null,
  name       text not null,
  lot        text not null,
  packed_on  date not null,
  pieces     integer not null constraint jar_has_pieces check (pieces > 0),
  left_over  integer not null,
  piece_g    numeric not null,
  -- Pack, place, share of life used: read whole, and worked on by the core.
  state      jsonb not null,
  gone_at    timestamptz,
  created_at timestamptz not null default now(),
  constraint jar_gives_what_it_has check (left_over between 0 and pieces)
);
create index jar_in_the_room on jar (kitchen_id) where gone_at is null;

create table jar_event (
  id     bigint generated always as identity primary key,
  jar_id uuid not null references jar on delete cascade,
  at     timestamptz not null default now(),
  act    text not null,
  pieces integer,
  price  numeric constraint jar_price_is_not_negative check (price >= 0),
  note   text not null default ''
);
create index jar_event_by_jar on jar_event (jar_id, at);
