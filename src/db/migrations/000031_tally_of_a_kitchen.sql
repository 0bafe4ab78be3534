-- Since kitchens stand apart every question of a measurement names its kitchen: with it in the index, the tally is read from that alone again.
drop index measurement_tally;
create index measurement_tally on measurement (kitchen_id, batch_id)
  include (loss_pct, loss_likely_pct, loss_low_pct, loss_high_pct, pieces, pieces_inside);
