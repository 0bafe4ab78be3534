-- A kitchen, what stands in it, what it knows how to bake, and what it baked.
create table kitchen (
  id          text primary key,
  name        text not null,
  altitude_m  numeric not null constraint kitchen_altitude_on_land check (altitude_m between -420 and 5000),
  room_c      numeric not null,
  room_rh_pct numeric not null constraint kitchen_humidity_is_a_share check (room_rh_pct between 0 and 100)
);

create table appliance (
  id                  text primary key,
  kitchen_id          text not null references kitchen on delete cascade,
  name                text not null,
  kind                text not null,
  thermostat_offset_c numeric not null default 0
);

-- Composition and behaviour stay one document: they are read whole, and the core checks them.
create table ingredient (
  id       text primary key,
  name     text not null,
  category text not null,
  facts    jsonb not null
);

create table recipe (
  id         text primary key,
  kitchen_id text not null references kitchen on delete cascade,
  name       text not null constraint recipe_has_a_name check (name <> ''),
  method     text not null,
  summary    text not null default '',
  document   jsonb not null,
  created_at timestamptz not null default now()
);

-- The document is the open batch file; the columns beside it only serve lists.
create table batch (
  id         uuid primary key default gen_random_uuid(),
  kitchen_id text not null references kitchen on delete cascade,
  recipe_id  text references recipe on delete set null,
  name       text not null constraint batch_has_a_name check (name <> ''),
  document   jsonb not null,
  revision   integer not null default 1,
  forecast   jsonb not null,
  baked_on   date,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now()
);
create index batch_by_change on batch (kitchen_id, updated_at desc);

-- What scale and eye said after baking, with the forecast it answers to.
create table measurement (
  batch_id    uuid primary key references batch on delete cascade,
  pieces      integer constraint measurement_counts_pieces check (pieces > 0),
  tray_g      numeric not null default 0 constraint measurement_tray_has_weight check (tray_g >= 0),
  before_g    numeric constraint measurement_before_above_tray check (before_g > tray_g),
  after_g     numeric constraint measurement_after_above_tray check (after_g > tray_g),
  texture     text,
  note        text not null default '',
  forecast    jsonb not null,
  revision    integer not null default 1,
  measured_at timestamptz not null default now(),
  constraint measurement_water_only_leaves check (before_g is null or after_g is null or after_g <= before_g)
);
