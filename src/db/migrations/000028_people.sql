-- People of this house, what each may do in which kitchen, and the devices that they are signed in on. Who signs in is in no kitchen yet,
-- so people and devices are the house's: their use cases ask who may see what.
create table person (
  id text primary key,
  name text not null constraint person_has_a_name check (length(btrim(name)) between 1 and 60),
  name_small text generated always as (lower(btrim(name))) stored constraint person_name_once unique,
  -- Salted and hashed; null: comes in by paired devices only.
  passphrase text,
  -- In what this person reads numbers, where it is not as the kitchen does.
  reads jsonb not null default '{}' constraint person_reads_are_named check (jsonb_typeof(reads) = 'object'),
  made_at timestamptz not null default now()
);
create table member (
  person_id text not null references person on delete cascade,
  kitchen_id text not null references kitchen on delete cascade,
  role text not null constraint member_role_is_known check (role in ('guest', 'helper', 'baker', 'owner')),
  primary key (person_id, kitchen_id)
);
create index member_of_kitchen on member (kitchen_id);
-- A device that a person is signed in on, by the hash of what its cookie holds.
create table device (
  id uuid primary key default gen_random_uuid(),
  person_id text not null references person on delete cascade,
  name text not null,
  token_hash bytea not null constraint device_token_once unique,
  begun_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  ends_at timestamptz not null
);
create index device_of_person on device (person_id);
-- A code that signs one device in, once.
create table pairing (
  code_hash bytea primary key,
  person_id text not null references person on delete cascade,
  ends_at timestamptz not null
);
-- Passphrases and codes that were wrong, by who tried them from where.
create table wrong_try (key text primary key, tries integer not null, last_at timestamptz not null);
-- Who did what to people, devices, kitchens and settings. It is only ever added to.
create table audit (
  id bigint generated always as identity primary key,
  at timestamptz not null default now(),
  -- Null where it is about no kitchen. A kitchen that is gone is still spoken of.
  kitchen_id text,
  person text not null,
  what text not null,
  about text not null default ''
);
create index audit_of_kitchen on audit (kitchen_id, id desc);
-- A connection of one kitchen sees its own; one of the house, which looks up who comes, sees all.
alter table member enable row level security;
create policy own_kitchen on member using (kitchen_id = this_kitchen() or this_kitchen() = '') with check (kitchen_id = this_kitchen() or this_kitchen() = '');
alter table audit enable row level security;
create policy own_kitchen on audit using (kitchen_id = this_kitchen() or kitchen_id is null or this_kitchen() = '')
  with check (kitchen_id = this_kitchen() or kitchen_id is null or this_kitchen() = '');
-- To how many kitchens a person belongs, whichever one sees: a number, and not which.
create function kitchens_of(person text) returns integer language sql stable security definer set search_path = public as
  'select count(*)::int from member where person_id = person';

-- Whether everybody who comes must be known.
alter table installation add column sign_in boolean not null default false;
-- Who saved a batch as it stands, and who saved it as it stood; empty where nobody needs to be known.
alter table batch add column saved_by text not null default '';
alter table batch_version add column saved_by text not null default '';
create or replace function keep_batch_version() returns trigger language plpgsql as $$
begin
  -- Batches save themselves every few seconds: a spell of one person's work is one version, as it stood before the next.
  if not exists (select from batch_version where batch_id = old.id and saved_by = old.saved_by and saved_at > now() - interval '10 minutes')
     and (old.updated_at < now() - interval '10 minutes' or old.saved_by <> new.saved_by) then
    insert into batch_version (batch_id, revision, document, saved_at, saved_by) values (old.id, old.revision, old.document, old.updated_at, old.saved_by)
      on conflict do nothing;
  end if;
  return null;
end $$;
