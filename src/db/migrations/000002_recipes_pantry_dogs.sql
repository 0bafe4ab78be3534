-- Recipes that are edited, versioned, put away and found again; what the pantry costs and holds; who eats it.

-- The card is what the book shows, worked out when a recipe is saved: opening the book predicts nothing.
alter table recipe
  add column revision       integer not null default 1,
  add column updated_at     timestamptz not null default now(),
  add column archived_at    timestamptz,
  add column ingredient_ids text[] not null default '{}',
  add column allergens      text[] not null default '{}',
  add column words          text not null default '',
  add column card           jsonb,
  add column card_of        text not null default '';
create index recipe_in_the_book on recipe (kitchen_id, name) where archived_at is null;
create index recipe_by_ingredient on recipe using gin (ingredient_ids);

-- Every version but the newest, as it was when it was replaced.
create table recipe_version (
  recipe_id text not null references recipe on delete cascade,
  revision  integer not null,
  name      text not null,
  document  jsonb not null,
  saved_at  timestamptz not null,
  primary key (recipe_id, revision)
);

-- How the bakers of a kitchen measure.
alter table kitchen
  add column currency     text not null default 'GBP' constraint kitchen_currency_is_a_code check (currency ~ '^[A-Z]{3}$'),
  add column measures     text not null default 'metric' constraint kitchen_measures_known check (measures in ('us', 'metric', 'imperial')),
  add column cup_fill     text constraint kitchen_cup_fill_known check (cup_fill in ('spooned', 'sifted', 'scooped')),
  add column scale_step_g numeric not null default 1 constraint kitchen_scale_has_a_step check (scale_step_g in (1, 5));

-- Own entries stand beside the shipped ones, which every start brings up to date.
alter table ingredient add column own boolean not null default false;

create table price (
  kitchen_id    text not null references kitchen on delete cascade,
  ingredient_id text not null references ingredient on delete cascade,
  pack_g        numeric not null constraint price_pack_has_weight check (pack_g > 0),
  price         numeric not null constraint price_is_not_negative check (price >= 0),
  primary key (kitchen_id, ingredient_id)
);

create table lot (
  id            uuid primary key default gen_random_uuid(),
  kitchen_id    text not null references kitchen on delete cascade,
  ingredient_id text not null references ingredient on delete cascade,
  left_g        numeric not null constraint lot_weighs_something check (left_g >= 0),
  got_on        date not null default current_date,
  best_before   date,
  water_pct     numeric constraint lot_water_is_a_share check (water_pct between 0 and 99.5),
  note          text not null default '',
  created_at    timestamptz not null default now(),
  constraint lot_lasts_a_day check (best_before is null or best_before >= got_on)
);
create index lot_by_ingredient on lot (kitchen_id, ingredient_id, best_before);

create table dog (
  id         text primary key default gen_random_uuid()::text,
  kitchen_id text not null references kitchen on delete cascade,
  name       text not null constraint dog_has_a_name check (name <> ''),
  kind       text not null default '',
  weight_kg  numeric not null constraint dog_has_weight check (weight_kg > 0),
  avoids     text[] not null default '{}',
  note       text not null default ''
);
