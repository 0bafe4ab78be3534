-- Several kitchens in one house: every row says whose it is, and a connection sees those of the kitchen that it was opened for
-- (its setting oven.kitchen). Who owns the schema sees all, to set up, copy and restore.
create function this_kitchen() returns text language sql stable parallel safe return current_setting('oven.kitchen', true);

alter table kitchen
  add column is_demo boolean not null default false,
  add column made_at timestamptz not null default now(),
  -- Lines below the name on a label.
  add column address text not null default '',
  add column country text constraint kitchen_country_is_a_code check (country ~ '^[A-Z]{2}$'),
  -- The room's air in parts of the year that differ: heat and humidity, by which months.
  add column seasons jsonb not null default '{}' constraint kitchen_seasons_are_named check (jsonb_typeof(seasons) = 'object');
-- Until now there was none but the demo, which nobody could name otherwise.
update kitchen set is_demo = true where id = 'cairnhope' and name = 'Cairnhope Bothy Bakery';

-- Ids that people or pages choose are a kitchen's own.
alter table learned drop constraint learned_appliance_id_fkey, drop constraint learned_pkey;
alter table appliance drop constraint appliance_pkey, add primary key (kitchen_id, id);
alter table dog drop constraint dog_pkey, add primary key (kitchen_id, id);

-- Shipped ingredients are everybody's; an own one is of the kitchen that made it.
alter table price drop constraint price_ingredient_id_fkey;
alter table lot drop constraint lot_ingredient_id_fkey;
alter table ingredient add column kitchen_id text references kitchen on delete cascade;
update ingredient set kitchen_id = (select id from kitchen order by id limit 1) where own;
alter table ingredient drop constraint ingredient_pkey, drop column own;
alter table ingredient add column own boolean generated always as (kitchen_id is not null) stored;
create unique index ingredient_once on ingredient (id, kitchen_id) nulls not distinct;
create function needs_ingredient() returns trigger language plpgsql as $$
begin
  if not exists (select from ingredient where id = new.ingredient_id and (kitchen_id is null or kitchen_id = new.kitchen_id)) then
    raise foreign_key_violation using message = 'no such ingredient', constraint = tg_table_name || '_ingredient_id_fkey';
  end if;
  return new;
end $$;
create trigger lot_of_something before insert or update of ingredient_id on lot for each row execute function needs_ingredient();
create trigger price_of_something before insert or update of ingredient_id on price for each row execute function needs_ingredient();

-- What hangs on something else is of the same kitchen.
create function of_the_same_kitchen() returns trigger language plpgsql as $$
begin
  execute format('select kitchen_id from %I where id = ($1).%I', tg_argv[0], tg_argv[1]) into new.kitchen_id using new;
  return new;
end $$;
do $$
declare
  child record;
begin
  for child in select * from (values
    ('measurement', 'batch', 'batch_id'), ('photo', 'batch', 'batch_id'), ('call', 'batch', 'batch_id'), ('reading', 'batch', 'batch_id'),
    ('tray', 'batch', 'batch_id'), ('recipe_version', 'recipe', 'recipe_id'), ('jar_event', 'jar', 'jar_id')) as t (name, parent, key)
  loop
    execute format('alter table %I add column kitchen_id text', child.name);
    execute format('alter table %I disable trigger user', child.name);
    execute format('update %I c set kitchen_id = p.kitchen_id from %I p where p.id = c.%I', child.name, child.parent, child.key);
    execute format('alter table %I enable trigger user', child.name);
    execute format('alter table %I alter column kitchen_id set not null', child.name);
    execute format('create trigger %I before insert on %I for each row execute function of_the_same_kitchen(%L, %L)',
      child.name || '_of_a_kitchen', child.name, child.parent, child.key);
  end loop;
end $$;
alter table learned add column kitchen_id text;
update learned l set kitchen_id = a.kitchen_id from appliance a where a.id = l.appliance_id;
alter table learned
  alter column kitchen_id set default this_kitchen(),
  add primary key (kitchen_id, appliance_id),
  add constraint learned_of_an_appliance foreign key (kitchen_id, appliance_id) references appliance (kitchen_id, id) on delete cascade;
-- Keys are remembered for three days; what was answered before kitchens stood apart is not asked again.
delete from answered;
alter table answered
  add column kitchen_id text not null default coalesce(this_kitchen(), ''),
  drop constraint answered_pkey,
  add primary key (kitchen_id, door, key);

-- Pages hear of their own kitchen only.
create or replace function tell_oven() returns trigger language plpgsql as $$
begin
  perform pg_notify('oven', coalesce(new.kitchen_id, old.kitchen_id) || ' ' || coalesce(new.batch_id, old.batch_id));
  return null;
end $$;

-- Behind row security an index is asked only by what gives nothing away: a column, not a function of one.
alter table jar add column name_small text generated always as (lower(name)) stored;
drop index jar_of_a_kind;
create index jar_of_a_kind on jar (kitchen_id, store, name_small) where gone_at is null;

do $$
declare
  one text;
begin
  foreach one in array array['appliance', 'batch', 'recipe', 'recipe_version', 'price', 'lot', 'dog', 'bake_day', 'bake', 'call', 'reading',
    'learned', 'measurement', 'photo', 'jar', 'jar_event', 'tray', 'answered']
  loop
    execute format('alter table %I enable row level security', one);
    execute format('create policy own_kitchen on %I using (kitchen_id = this_kitchen()) with check (kitchen_id = this_kitchen())', one);
  end loop;
end $$;
alter table kitchen enable row level security;
create policy own_kitchen on kitchen using (id = this_kitchen()) with check (id = this_kitchen());
alter table ingredient enable row level security;
create policy own_kitchen on ingredient using (kitchen_id = this_kitchen()) with check (kitchen_id = this_kitchen());
create policy everybodys on ingredient for select using (kitchen_id is null);

-- What whoever runs the house decided for all of it.
create table installation (
  is_one boolean primary key default true constraint installation_is_one check (is_one),
  demo   boolean not null default true
);
insert into installation default values;

-- Which kitchens there are: names, to choose one by.
create view kitchen_there as select id, name, is_demo, made_at from kitchen;
