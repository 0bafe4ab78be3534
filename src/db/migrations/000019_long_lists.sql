-- Lists of thousands: what they are filtered, sorted and counted by stands in columns with an index.
alter table batch add column appliance jsonb generated always as (document -> 'heat' -> 'appliance') stored;
alter table batch add column appliance_key text generated always as (md5(coalesce(document -> 'heat' -> 'appliance', '{}')::text)) stored;
create index batch_by_appliance on batch (kitchen_id, appliance_key);
drop index batch_by_change;
create index batch_by_change on batch (kitchen_id, updated_at desc, id desc);
create index batch_by_making on batch (kitchen_id, created_at desc, id desc);
create index batch_planned on batch (kitchen_id, updated_at desc, id desc) where baked_on is null;
create index batch_baked on batch (kitchen_id, baked_on desc, created_at desc) where baked_on is not null;
create index batch_by_recipe on batch (recipe_id);

-- What was noted of a batch, in small letters, to be searched.
create function said(note text, colour text, dogs jsonb) returns text language sql immutable parallel safe
  return lower(concat_ws(' ', note, colour,
    (select string_agg(d ->> 'dog' || ' ' || (d ->> 'verdict'), ' ') from jsonb_array_elements(dogs) d)));
alter table measurement add column said text generated always as (said(note, colour, dogs)) stored;

-- What was weighed against what was told: as compare-measured.ts has it, a test holds the two together.
alter table measurement add column loss_pct double precision generated always as
  (100 * (1 - (after_g - tray_g)::double precision / nullif(before_g - tray_g, 0)::double precision)) stored;
alter table measurement add column loss_likely_pct double precision generated always as (
  case when forecast ? 'mass_loss_pct_low' then (forecast ->> 'mass_loss_pct')::double precision
  else 100 * (1 - (100 - (forecast ->> 'dough_water_pct')::double precision) / (100 - (forecast ->> 'moisture_pct')::double precision)) end) stored;
alter table measurement add column loss_low_pct double precision generated always as (coalesce(
  (forecast ->> 'mass_loss_pct_low')::double precision,
  100 * (1 - (100 - (forecast ->> 'dough_water_pct')::double precision) / (100 - (forecast ->> 'moisture_pct_high')::double precision)))) stored;
alter table measurement add column loss_high_pct double precision generated always as (coalesce(
  (forecast ->> 'mass_loss_pct_high')::double precision,
  100 * (1 - (100 - (forecast ->> 'dough_water_pct')::double precision) / (100 - (forecast ->> 'moisture_pct_low')::double precision)))) stored;
alter table measurement add column pieces_inside boolean generated always as
  (pieces between (forecast ->> 'pieces_low')::double precision and (forecast ->> 'pieces_high')::double precision) stored;

-- Until when a pack is surely and likely good: as stored.ts has it, a test holds the two together.
create function day_written(text) returns date language sql immutable strict parallel safe
  return make_date(left($1, 4)::int, substr($1, 6, 2)::int, substr($1, 9, 2)::int);
create function good_until(state jsonb, days double precision, used double precision) returns date
  language sql immutable parallel safe
  return least(
    day_written(state ->> 'cap'),
    day_written(state ->> 'since') + greatest(0, floor((1 - used) * days + 1e-9))::int);
alter table jar add column use_by date generated always as
  (good_until(state, (state -> 'life' ->> 'days_low')::double precision, (state ->> 'used_low')::double precision)) stored;
alter table jar add column likely_until date generated always as
  (good_until(state, (state -> 'life' ->> 'days')::double precision, (state ->> 'used')::double precision)) stored;
alter table jar add column store text generated always as (state ->> 'store') stored;
alter table jar add column closed boolean generated always as (not (state ->> 'opened')::boolean) stored;
create index jar_on_its_shelf on jar (kitchen_id, store, closed, use_by, packed_on, id) where gone_at is null;
create index jar_of_a_kind on jar (kitchen_id, store, lower(name)) where gone_at is null;
create index jar_by_day on jar (kitchen_id, use_by) where gone_at is null;
create index jar_event_by_time on jar_event (at);
create index bake_by_end on bake (kitchen_id, ended_at desc);
create index bake_by_day on bake (day);
