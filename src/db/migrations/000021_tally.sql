-- All batches that were weighed, counted without reading what they are made of.
create index batch_of_kitchen on batch (kitchen_id, id);
create index measurement_tally on measurement (batch_id) include (loss_pct, loss_likely_pct, loss_low_pct, loss_high_pct, pieces_inside);
