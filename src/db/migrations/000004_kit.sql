-- What is known of an appliance besides its kind and its dial, in the words of the batch file; and what power costs.
alter table appliance
  add column settings jsonb not null default '{}'
  constraint appliance_settings_are_named check (jsonb_typeof(settings) = 'object');
alter table kitchen
  add column energy_per_kwh numeric
  constraint kitchen_power_costs_something check (energy_per_kwh > 0);
