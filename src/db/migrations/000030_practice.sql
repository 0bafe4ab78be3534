-- Bakes that were only practised: what was hidden from the baker, what was done, and how it was judged.
create table practice (
  id uuid primary key default gen_random_uuid(),
  kitchen_id text not null default this_kitchen() references kitchen on delete cascade,
  -- Who practised; empty where nobody needs to be known.
  baked_by text not null default '',
  -- Which lesson it belongs to; null where a batch of one's own was practised.
  lesson text,
  batch_id uuid references batch on delete set null,
  name text not null,
  -- What is baked, in the kitchen's own oven; what may be otherwise than it says; what the kitchen has besides.
  document jsonb not null,
  unknown jsonb not null,
  owned jsonb not null,
  -- The number of the hidden truth.
  truth integer not null,
  acts jsonb not null default '[]' constraint practice_acts_are_a_list check (jsonb_typeof(acts) = 'array'),
  begun_at timestamptz not null default now(),
  verdict jsonb,
  judged_at timestamptz,
  constraint practice_is_judged_at_a_time check ((verdict is null) = (judged_at is null))
);
comment on column practice.truth is 'number of the draw that was true in this bake; it is told to nobody before the verdict';
create index practice_by_lesson on practice (kitchen_id, lesson, begun_at desc);
alter table practice enable row level security;
create policy own_kitchen on practice using (kitchen_id = this_kitchen()) with check (kitchen_id = this_kitchen());
