/** What was predicted for a batch, in the few numbers that lists and comparisons need. */
export type ForecastRow = {
  readonly pieces: number;
  readonly pieces_low: number;
  readonly pieces_high: number;
  readonly minutes: number;
  readonly moisture_pct: number;
  readonly moisture_pct_low: number;
  readonly moisture_pct_high: number;
  readonly mass_loss_pct: number;
  /** Left out of forecasts that were kept before the loss had a band of its own. */
  readonly mass_loss_pct_low?: number;
  readonly mass_loss_pct_high?: number;
  readonly dough_water_pct: number;
  readonly snap: number;
  readonly snap_low: number;
  readonly snap_high: number;
  readonly texture: string;
  readonly keeps_days: number;
  readonly keeps_low: number;
  readonly keeps_high: number;
  readonly keeps_in: string;
  readonly keeps_limit: string;
};
