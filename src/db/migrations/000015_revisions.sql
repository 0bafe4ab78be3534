-- Dogs, appliances and bake days are changed by several hands: a save over an older revision changes nothing.
alter table dog add column revision integer not null default 1, add column updated_at timestamptz not null default now();
alter table appliance add column revision integer not null default 1, add column updated_at timestamptz not null default now();
alter table bake_day add column revision integer not null default 1;
