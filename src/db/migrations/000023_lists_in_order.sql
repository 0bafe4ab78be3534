-- Packs of one batch with the same day stand in the order in which they were filled.
drop index jar_on_its_shelf;
create index jar_on_its_shelf on jar (kitchen_id, store, closed, use_by, packed_on, coalesce(slot, 0), id) where gone_at is null;

-- What the log is searched and sorted by, without the documents between.
drop index batch_of_kitchen;
create index batch_of_kitchen on batch (kitchen_id, id) include (updated_at, name, recipe_id);
