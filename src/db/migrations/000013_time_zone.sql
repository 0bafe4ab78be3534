-- Where the kitchen's clocks are set, as an IANA name; null: as the machine's.
alter table kitchen add column time_zone text constraint kitchen_time_zone_has_a_name check (time_zone <> '');
