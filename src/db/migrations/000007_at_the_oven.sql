-- A batch under way. Its calls are rows with times of day, so that they outlive a page, a reload and a dead battery.
create table bake (
  batch_id   uuid primary key references batch on delete cascade,
  kitchen_id text not null references kitchen on delete cascade,
  -- The bake day that it is part of; null when it is baked by itself.
  day        date,
  starts_at  timestamptz not null,
  -- When the day's plan has each of its steps begin, by step [ms since 1970].
  planned    jsonb not null default '{}',
  -- The tray that is weighed on the way: empty, and with its raw pieces.
  tray_g     numeric constraint bake_tray_has_weight check (tray_g >= 0),
  before_g   numeric,
  ended_at   timestamptz,
  constraint bake_before_above_tray check (before_g > coalesce(tray_g, 0))
);
create index bake_going_on on bake (kitchen_id) where ended_at is null;

create table timer (
  batch_id      uuid not null references bake on delete cascade,
  position      integer not null,
  prompt        jsonb not null,
  added_minutes numeric not null default 0,
  due_at        timestamptz not null,
  done_at       timestamptz,
  primary key (batch_id, position)
);

create table reading (
  id       bigint generated always as identity primary key,
  batch_id uuid not null references bake on delete cascade,
  at       timestamptz not null default now(),
  kind     text not null constraint reading_is_known check (kind in ('tray_g', 'core_c', 'air_c', 'room_rh_pct')),
  value    numeric not null,
  source   text not null constraint reading_has_a_source check (source in ('typed', 'scale', 'probe', 'hygrometer', 'file'))
);
create index reading_by_batch on reading (batch_id, at);

-- Every open page hears of a change, whoever made it.
create function tell_oven() returns trigger language plpgsql as $$
begin
  perform pg_notify('oven', coalesce(new.batch_id, old.batch_id)::text);
  return null;
end $$;
create trigger bake_tells after insert or update or delete on bake for each row execute function tell_oven();
create trigger timer_tells after insert or update or delete on timer for each row execute function tell_oven();
create trigger reading_tells after insert or update or delete on reading for each row execute function tell_oven();

-- What an appliance's weighed batches have taught; whether it is used, and from which day on batches count.
create table learned (
  appliance_id text primary key references appliance on delete cascade,
  used         boolean not null default true,
  since        date,
  knowledge    jsonb not null,
  learned_at   timestamptz not null default now()
);
