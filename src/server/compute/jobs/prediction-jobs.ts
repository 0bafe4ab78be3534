import { addBand } from '@/core/bands';
import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { PackOption, Store } from '@/core/keeping';
import { freshLife, packsToStore, type FreshlyStored, type PacksToStore } from '@/core/outcomes';
import type { DoughLine, Pantry } from '@/core/pantry';
import { predict, type Prediction } from '@/core/prediction';
import type { ForecastRow } from '@/db/forecast';
import { findText, predictText, type Programmes } from '@/formats/predict-text';
import { shippedPantry } from '@/formats/shipped-pantry';
import type { Ask, Service } from '@/workers/protocol';

type OfDocument = { readonly document: BatchDocument; readonly pantry: Pantry };

/** A document predicted with its bands, with everything that ends on its treats and the packs that they go into. */
export type BandedBatch = {
  readonly prediction: Prediction;
  readonly lines: readonly DoughLine[];
  readonly packs: PacksToStore;
};

/** What is worked out of one batch. */
export type PredictionJobs = {
  /** A batch file's text with the shipped ingredients, as the command line answers it. */
  readonly predictFile: Ask<string, Result<Prediction>>;
  readonly findFile: Ask<string, Result<Programmes>>;
  /** The few numbers of a nominal prediction that are kept beside a batch. */
  readonly forecast: Ask<OfDocument, Result<ForecastRow>>;
  readonly banded: Ask<OfDocument, Result<BandedBatch>>;
  /** What several batches take of the pantry; one that cannot be worked takes nothing. */
  readonly plannedLines: Ask<{ readonly documents: readonly BatchDocument[]; readonly pantry: Pantry }, readonly DoughLine[]>;
  /** How long a batch keeps from fresh in another pack and place. */
  readonly freshLife: Ask<OfDocument & { readonly option: PackOption; readonly store: Store }, Result<FreshlyStored>>;
};

export const PREDICTION_JOBS: Service<PredictionJobs> = {
  predictFile: async (text) => predictText(text, { pantry: await shippedPantry() }),
  findFile: async (text) => findText(text, { pantry: await shippedPantry() }),
  forecast: ({ document, pantry }) => {
    const worked = predict(document, { pantry }, 'light');
    return worked.ok ? succeed(forecastOf(worked.value.prediction)) : worked;
  },
  banded: ({ document, pantry }) => {
    const worked = predict(document, { pantry }, 'light');
    if (!worked.ok) return worked;
    const prediction = addBand(worked.value);
    return succeed({ prediction, lines: worked.value.treat.lines, packs: packsToStore(worked.value, prediction) });
  },
  plannedLines: ({ documents, pantry }) =>
    documents.flatMap((document) => {
      const worked = predict(document, { pantry }, 'light');
      return worked.ok ? [...worked.value.planned, ...worked.value.finishes] : [];
    }),
  freshLife: ({ document, pantry, option, store }) => freshLife(document, { pantry }, option, store),
};

/** The few numbers of a prediction that are kept beside a batch. */
export function forecastOf({ dough, yield: out, heat, outcome, keeps }: Prediction): ForecastRow {
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
    mass_loss_pct_low: outcome.mass_loss_pct_low,
    mass_loss_pct_high: outcome.mass_loss_pct_high,
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
