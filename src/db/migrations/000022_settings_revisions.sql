-- Settings, prices and purchases are changed by several hands too: a save over an older revision changes nothing.
alter table kitchen add column revisions jsonb not null default '{}' constraint kitchen_revisions_are_named check (jsonb_typeof(revisions) = 'object');
alter table price add column revision integer not null default 1, add column updated_at timestamptz not null default now();
alter table lot add column revision integer not null default 1, add column updated_at timestamptz not null default now();
