-- Names in small letters, to be searched: writing them small for every row of a house of many years takes longer than looking through them.
alter table batch add column name_small text generated always as (lower(name)) stored;
alter table recipe add column name_small text generated always as (lower(name)) stored;
drop index batch_of_kitchen;
create index batch_of_kitchen on batch (kitchen_id, id) include (updated_at, name_small, recipe_id);
