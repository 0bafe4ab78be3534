-- What was taken away, whole and for a fortnight: its own row first, then what hung on it, as JSON. Nothing else needs to know of
-- things that are gone.
create table bin (
  id uuid primary key default gen_random_uuid(),
  kitchen_id text not null default this_kitchen() references kitchen on delete cascade,
  -- The table that it was in, and its key there.
  kind text not null,
  of_id text not null,
  name text not null,
  -- Rows in the order in which they go in again: [{"table", "row"}].
  contents jsonb not null,
  -- What pointed to it and stayed: [{"table", "column", "row"}].
  links jsonb not null,
  binned_at timestamptz not null default now()
);
create index bin_by_time on bin (kitchen_id, binned_at desc);
alter table bin enable row level security;
create policy own_kitchen on bin using (kitchen_id = this_kitchen()) with check (kitchen_id = this_kitchen());

-- Rows that hang on one: deleted with it (c), or only pointing to it (n); all the way down. A row's own table stands before its children's.
create function hanging_on(parent regclass, parent_row jsonb, how "char")
  returns table (child regclass, child_row jsonb, link text) language plpgsql stable as $$
declare
  one record;
  found_row jsonb;
begin
  for one in
    select c.conrelid::regclass as name, c.confdeltype as does,
      (select string_agg(format('t.%I::text = $1 ->> %L', child.attname, mother.attname), ' and ')
        from unnest(c.conkey, c.confkey) as k (child_no, parent_no)
        join pg_attribute child on child.attrelid = c.conrelid and child.attnum = k.child_no
        join pg_attribute mother on mother.attrelid = c.confrelid and mother.attnum = k.parent_no) as matches,
      (select attname from pg_attribute where attrelid = c.conrelid and attnum = c.conkey[1]) as col
    from pg_constraint c where c.contype = 'f' and c.confrelid = parent
  loop
    for found_row in execute format('select to_jsonb(t) from %s t where %s', one.name, one.matches) using parent_row loop
      if one.does = how then
        child := one.name; child_row := found_row; link := one.col;
        return next;
      end if;
      if one.does = 'c' then
        return query select * from hanging_on(one.name, found_row, how);
      end if;
    end loop;
  end loop;
end $$;

-- Lots and prices hang on an ingredient by a trigger, not by a foreign key: shipped ingredients are of no kitchen.
create function of_an_ingredient(thing regclass, thing_row jsonb) returns table (child regclass, child_row jsonb)
  language sql stable as $$
  select 'lot'::regclass, to_jsonb(t) from lot t where thing = 'ingredient'::regclass and ingredient_id = thing_row ->> 'id'
  union all
  select 'price'::regclass, to_jsonb(t) from price t where thing = 'ingredient'::regclass and ingredient_id = thing_row ->> 'id'
$$;

-- Takes a thing away with all that hangs on it; null where there is none. `thing` and `key_column` come from the program, never from a request.
create function put_in_bin(thing regclass, key_column text, thing_id text, called text) returns uuid language plpgsql as $$
declare
  thing_row jsonb;
  binned uuid;
begin
  execute format('select to_jsonb(t) from %s t where t.%I::text = $1 and t.kitchen_id = this_kitchen() for update', thing, key_column)
    using thing_id into thing_row;
  if thing_row is null then return null; end if;
  insert into bin (kind, of_id, name, contents, links) values (thing::text, thing_id, called,
    jsonb_build_array(jsonb_build_object('table', thing::text, 'row', thing_row))
      || (select coalesce(jsonb_agg(jsonb_build_object('table', child::text, 'row', child_row)), '[]') from hanging_on(thing, thing_row, 'c'))
      || (select coalesce(jsonb_agg(jsonb_build_object('table', child::text, 'row', child_row)), '[]') from of_an_ingredient(thing, thing_row)),
    (select coalesce(jsonb_agg(jsonb_build_object('table', child::text, 'column', link, 'row', child_row)), '[]') from hanging_on(thing, thing_row, 'n')))
  returning id into binned;
  if thing = 'ingredient'::regclass then
    delete from lot where ingredient_id = thing_id;
    delete from price where ingredient_id = thing_id;
  end if;
  execute format('delete from %s t where t.%I::text = $1 and t.kitchen_id = this_kitchen()', thing, key_column) using thing_id;
  return binned;
end $$;

-- The columns of a table that can be written, and the ones that name its rows.
create function written_columns(of_table regclass) returns text language sql stable as $$
  select string_agg(quote_ident(attname), ', ' order by attnum) from pg_attribute
  where attrelid = of_table and attnum > 0 and not attisdropped and attgenerated = ''
$$;

-- Puts a thing back where it was; whatever stands in its place now is an error of that table.
create function take_out_of_bin(binned uuid) returns boolean language plpgsql as $$
declare
  bin_row bin;
  part jsonb;
  key_matches text;
begin
  delete from bin where id = binned returning * into bin_row;
  if not found then return false; end if;
  for part in select * from jsonb_array_elements(bin_row.contents) loop
    execute format('insert into %1$s (%2$s) overriding system value select %2$s from jsonb_populate_record(null::%1$s, $1)',
      (part ->> 'table')::regclass, written_columns((part ->> 'table')::regclass)) using part -> 'row';
  end loop;
  for part in select * from jsonb_array_elements(bin_row.links) loop
    select string_agg(format('t.%I::text = $1 ->> %L', attname, attname), ' and ') into key_matches
      from pg_index i join pg_attribute a on a.attrelid = i.indrelid and a.attnum = any (i.indkey)
      where i.indisprimary and i.indrelid = (part ->> 'table')::regclass;
    -- Whatever was linked elsewhere meanwhile stays there.
    execute format('update %1$s t set %2$I = (jsonb_populate_record(null::%1$s, $1)).%2$I where %3$s and t.%2$I is null',
      (part ->> 'table')::regclass, part ->> 'column', key_matches) using part -> 'row';
  end loop;
  return true;
end $$;

-- How a batch stood before each spell of work on it.
create table batch_version (
  batch_id uuid not null references batch on delete cascade,
  kitchen_id text not null,
  revision integer not null,
  document jsonb not null,
  saved_at timestamptz not null,
  primary key (batch_id, revision)
);
alter table batch_version enable row level security;
create policy own_kitchen on batch_version using (kitchen_id = this_kitchen()) with check (kitchen_id = this_kitchen());
create trigger batch_version_of_a_kitchen before insert on batch_version for each row execute function of_the_same_kitchen('batch', 'batch_id');

create function keep_batch_version() returns trigger language plpgsql as $$
begin
  -- Batches save themselves every few seconds: a spell of work is one version, as it stood before.
  if not exists (select from batch_version where batch_id = old.id and saved_at > now() - interval '10 minutes')
     and old.updated_at < now() - interval '10 minutes' then
    insert into batch_version (batch_id, revision, document, saved_at) values (old.id, old.revision, old.document, old.updated_at)
      on conflict do nothing;
  end if;
  return null;
end $$;
create trigger batch_keeps_versions after update on batch for each row when (old.document is distinct from new.document)
  execute function keep_batch_version();
