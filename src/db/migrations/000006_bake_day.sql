-- A day's baking: what is picked and due, who is there and awake, what was put where by hand; and the plan that was made of it.
create table bake_day (
  kitchen_id text not null references kitchen on delete cascade,
  day        date not null,
  settings   jsonb not null,
  plan       jsonb not null default '[]' constraint bake_day_plan_is_a_list check (jsonb_typeof(plan) = 'array'),
  updated_at timestamptz not null default now(),
  primary key (kitchen_id, day)
);
