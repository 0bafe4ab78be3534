-- Whether what a batch costs uses the share that this kitchen really loses, and from which day on counts count.
alter table kitchen
  add column losses_used  boolean not null default true,
  add column losses_since date;
