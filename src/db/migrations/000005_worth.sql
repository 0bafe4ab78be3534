-- Dogs as far as their food goes; what work, packs and wear cost a kitchen, in the words of the cost room.
alter table dog
  add column age            text not null default 'adult' constraint dog_age_known check (age in ('pup-under-4-months', 'pup', 'adult', 'senior')),
  add column activity       text not null default 'usual' constraint dog_activity_known check (activity in ('couch', 'usual', 'light-work', 'hard-work')),
  add column neutered       boolean not null default true,
  add column overweight     boolean not null default false,
  add column worn_teeth     boolean not null default false,
  add column upset_by_fat   boolean not null default false;
alter table kitchen
  add column costs jsonb not null default '{}'
  constraint kitchen_costs_are_named check (jsonb_typeof(costs) = 'object');
