-- What a bake day has only so much of besides machines and hands: baking trays, and places for a tray in fridge and freezer.
alter table kitchen
  add column trays          integer not null default 8 constraint kitchen_has_trays check (trays between 1 and 200),
  add column fridge_places  integer not null default 4 constraint kitchen_has_fridge check (fridge_places between 1 and 200),
  add column freezer_places integer not null default 12 constraint kitchen_has_freezer check (freezer_places between 1 and 200);
