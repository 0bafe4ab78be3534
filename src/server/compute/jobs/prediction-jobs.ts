import { USUAL_DRAWS, bandFrom, samplesInSteps } from '@/core/bands';
import type { BatchDocument } from '@/core/document';
import { explain, worthMeasuring, type Explanation, type MeasuredBatch, type WorthMeasuring } from '@/core/explain';
import { succeed, type Result } from '@/core/failure';
import type { PackOption, Store } from '@/core/keeping';
import { freshLife, wholeBatch, withAdvice, type FreshlyStored, type ToStore } from '@/core/outcomes';
import type { DoughLine, Pantry } from '@/core/pantry';
import { drawingOf, portionsOf, predict, type Prediction } from '@/core/prediction';
import { runOut } from '@/core/quantities';
import type { ForecastRow } from '@/db/forecast';
import { findText, predictText, type Programmes } from '@/formats/predict-text';
import { shippedPantry } from '@/formats/shipped-pantry';
import type { FirstLook, KitchenGoods } from '@/workers/prediction-protocol';
import type { Ask, Service } from '@/workers/protocol';
import { pricedKitchen, quickLook } from '@/workers/quick-look';

type OfDocument = { readonly document: BatchDocument; readonly pantry: Pantry };

/** A document predicted with its bands, with everything that ends on its treats and the packs that they go into, portion by portion. */
export type BandedBatch = {
  readonly prediction: Prediction;
  readonly portions: ReadonlyArray<ToStore & { readonly document: BatchDocument; readonly lines: readonly DoughLine[] }>;
};

/** What is worked out of one batch. */
export type PredictionJobs = {
  /** A batch file's text with the shipped ingredients, as the command line answers it. */
  readonly predictFile: Ask<string, Result<Prediction>>;
  readonly findFile: Ask<string, Result<Programmes>>;
  /** What a page shows first of a batch, or of the first portion of a shared bowl. */
  readonly firstLook: Ask<OfDocument & { readonly prices: Omit<KitchenGoods, 'pantry'> }, Result<FirstLook>>;
  /** The same with its bands, over as many draws as every door makes. */
  readonly fullLook: Ask<OfDocument & { readonly prices: Omit<KitchenGoods, 'pantry'> }, Result<FirstLook>>;
  /** The few numbers of a nominal prediction that are kept beside a batch. */
  readonly forecast: Ask<OfDocument, Result<ForecastRow>>;
  readonly banded: Ask<OfDocument, Result<BandedBatch>>;
  /** What several batches take of the pantry; one that cannot be worked takes nothing. */
  readonly plannedLines: Ask<
    { readonly documents: readonly BatchDocument[]; readonly pantry: Pantry },
    ReadonlyArray<readonly DoughLine[]>
  >;
  /** Why a finished batch came out as it did; null for a bowl that was shared out. */
  readonly explain: Ask<OfDocument & { readonly measured: MeasuredBatch }, Result<Explanation | null>>;
  /** What each measurement would be worth before a batch is baked. */
  readonly worthMeasuring: Ask<OfDocument, Result<readonly WorthMeasuring[]>>;
  /** How long a batch keeps from fresh in another pack and place. */
  readonly freshLife: Ask<
    OfDocument & { readonly portion: string | null; readonly option: PackOption; readonly store: Store },
    Result<FreshlyStored>
  >;
};

/** Draws that the worth of a measurement is reckoned over: fewer leave their own noise in it. */
const WORTH_DRAWS = 300;

export const PREDICTION_JOBS: Service<PredictionJobs> = {
  predictFile: async (text) => predictText(text, { pantry: await shippedPantry() }),
  findFile: async (text) => findText(text, { pantry: await shippedPantry() }),
  firstLook: (ask) => {
    const part = firstPart(ask);
    if (!part.ok) return part;
    const look = quickLook(part.value ?? ask.document, pricedKitchen(ask.pantry, ask.prices));
    return look.ok ? succeed({ part: part.value, nominal: look.value, banded: null }) : look;
  },
  fullLook: (ask) => {
    const part = firstPart(ask);
    if (!part.ok) return part;
    const document = part.value ?? ask.document;
    const kitchen = pricedKitchen(ask.pantry, ask.prices);
    const worked = predict(document, kitchen);
    if (!worked.ok) return worked;
    const samples = runOut(samplesInSteps(worked.value, 0, USUAL_DRAWS));
    const banded = withAdvice({ document, kitchen, worked: worked.value }, samples, bandFrom(worked.value, samples));
    return succeed({
      part: part.value,
      nominal: { prediction: worked.value.prediction, drawing: drawingOf(worked.value) },
      banded,
    });
  },
  forecast: ({ document, pantry }) => {
    const worked = wholeBatch(document, { pantry }, 'light', 0);
    return worked.ok ? succeed(forecastOf(worked.value.prediction)) : worked;
  },
  banded: ({ document, pantry }) => {
    const whole = wholeBatch(document, { pantry }, 'light', USUAL_DRAWS);
    if (!whole.ok) return whole;
    const { prediction, portions } = whole.value;
    return succeed({
      prediction,
      portions: portions.map(({ name, document: of, prediction: told, worked: { treat, packs } }) => ({
        name,
        document: of,
        prediction: told,
        lines: treat.lines,
        packs,
        volume_ml: treat.volume_ml,
      })),
    });
  },
  plannedLines: ({ documents, pantry }) =>
    documents.map((document) => {
      const whole = wholeBatch(document, { pantry }, 'light', 0);
      return whole.ok ? whole.value.portions.flatMap(({ worked }) => [...worked.planned, ...worked.finishes]) : [];
    }),
  explain: ({ document, pantry, measured }) => explain(document, { pantry }, measured),
  worthMeasuring: ({ document, pantry }) => {
    const worked = predict(document, { pantry }, 'light');
    return worked.ok ? succeed(worthMeasuring(worked.value, runOut(samplesInSteps(worked.value, 0, WORTH_DRAWS)))) : worked;
  },
  freshLife: ({ document, pantry, ...where }) => freshLife(document, { pantry }, where),
};

/** The first portion of a bowl that is shared out, as a batch of its own; null where all of it is looked at. */
function firstPart({ document, pantry }: OfDocument): Result<BatchDocument | null> {
  if ((document.portions ?? []).length === 0) return succeed(null);
  const portions = portionsOf(document, { pantry });
  return portions.ok ? succeed(portions.value[0].document) : portions;
}

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
