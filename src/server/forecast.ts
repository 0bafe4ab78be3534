import { predict, type Kitchen, type Prediction } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { ForecastRow } from '@/db/forecast';
import { banded } from './banded';

/** The few numbers of a prediction that are kept beside a batch. */
function forecastOf({ dough, yield: out, heat, outcome, keeps }: Prediction): ForecastRow {
  const [first] = keeps;
  return {
    pieces: out.pieces,
    pieces_low: out.pieces_low,
    pieces_high: out.pieces_high,
    minutes: heat.minutes,
    moisture_pct: outcome.moisture_pct,
    moisture_pct_low: outcome.moisture_pct_low,
    moisture_pct_high: outcome.moisture_pct_high,
    mass_loss_pct: outcome.mass_loss_pct,
    dough_water_pct: dough.water_pct,
    snap: outcome.snap,
    snap_low: outcome.snap_low,
    snap_high: outcome.snap_high,
    texture: outcome.texture,
    keeps_days: first.days,
    keeps_low: first.days_low,
    keeps_high: first.days_high,
    keeps_in: `${first.option} · ${first.store}`,
    keeps_limit: first.limit,
  };
}

/** Predicts a document for keeping: quickly while it is edited, with its band when it is baked. */
export function forecast(document: BatchDocument, { pantry }: Kitchen, withBand: boolean): Result<ForecastRow> {
  const worked = withBand ? banded(document, pantry) : predict(document, { pantry }, 'unadvised');
  return worked.ok ? succeed(forecastOf(worked.value.prediction)) : worked;
}
