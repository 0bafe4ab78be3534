-- Which state of the ingredients stands: told anew by every change, and never the same twice, so that what was read may be kept.
create table pantry_state (
  is_one boolean primary key default true constraint pantry_state_is_one check (is_one),
  state  uuid not null default gen_random_uuid()
);
insert into pantry_state default values;
create function tell_pantry() returns trigger language plpgsql as $$
begin
  update pantry_state set state = gen_random_uuid();
  return null;
end $$;
create trigger ingredient_tells after insert or update or delete or truncate on ingredient for each statement execute function tell_pantry();
