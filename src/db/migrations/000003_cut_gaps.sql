-- Gaps between cut-outs that this kitchen's hands really left, the last few bakes, the newest last [mm].
alter table kitchen
  add column cut_gaps_mm double precision[] not null default '{}'
  constraint kitchen_remembers_five_gaps check (cardinality(cut_gaps_mm) <= 5);
