import { USUAL_SEARCH, genomesOf, searchInSteps, type Day, type Planned, type PlannedStep } from '@/core/bakeday';
import {
  dayBatch,
  callsOf,
  trayCourses,
  trayModel,
  type KitMachine,
  type KitchenBatch,
  type Call,
  type TrayCourse,
  type TrayTable,
} from '@/core/calls';
import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import { learnFrom, outlook, type Finished, type Learned, type Outlook } from '@/core/learning';
import type { Pantry } from '@/core/pantry';
import { predict, type Prediction } from '@/core/prediction';
import type { Ask, Service } from '@/workers/protocol';

type OfDocument = { readonly document: BatchDocument; readonly pantry: Pantry };
/** A weighed batch, with its tray as numbers. */
export type FinishedTray = Omit<Finished, 'model'> & { readonly table: TrayTable };
/** Batches that could be baked on a day, and those that cannot be worked out, with why. */
export type DayBatches = {
  readonly batches: ReadonlyArray<KitchenBatch & { readonly name: string; readonly pieces: number }>;
  readonly stuck: ReadonlyArray<{ readonly name: string; readonly why: string }>;
};

/** What is worked out at the oven and for a bake day. */
export type OvenJobs = {
  /** A batch's nominal prediction, and its calls. */
  readonly calls: Ask<OfDocument, Result<{ readonly calls: readonly Call[]; readonly prediction: Prediction }>>;
  readonly trayCourses: Ask<OfDocument, Result<readonly TrayCourse[]>>;
  readonly outlook: Ask<{ readonly tray: FinishedTray; readonly now_min: number; readonly known: Learned }, Outlook>;
  readonly learn: Ask<{ readonly finished: readonly FinishedTray[]; readonly thermometer_K: number | undefined }, Learned>;
  readonly dayBatches: Ask<
    {
      readonly planned: ReadonlyArray<{ readonly id: string; readonly name: string; readonly document: BatchDocument }>;
      readonly kit: readonly KitMachine[];
      readonly due: number;
      readonly pantry: Pantry;
    },
    DayBatches
  >;
  /** A plan within so many milliseconds, from the one there was where it still fits; null where none does. */
  readonly planDay: Ask<{ readonly day: Day; readonly before: readonly PlannedStep[]; readonly ms: number }, Planned | null>;
};

const withModel = ({ table, ...tray }: FinishedTray): Finished => ({ ...tray, model: trayModel(table) });

export const OVEN_JOBS: Service<OvenJobs> = {
  calls: ({ document, pantry }) => {
    const worked = predict(document, { pantry }, 'light');
    if (!worked.ok) return worked;
    const { prediction } = worked.value;
    return succeed({ calls: callsOf(document, prediction), prediction });
  },
  trayCourses: ({ document, pantry }) => trayCourses(document, { pantry }),
  outlook: ({ tray, now_min, known }) => outlook(withModel(tray), now_min, known),
  learn: ({ finished, thermometer_K }) => learnFrom(finished.map(withModel), thermometer_K),
  dayBatches: ({ planned, kit, due, pantry }) => {
    const batches: Array<DayBatches['batches'][number]> = [];
    const stuck: Array<DayBatches['stuck'][number]> = [];
    for (const { id, name, document } of planned) {
      const worked = predict(document, { pantry }, 'light');
      if (!worked.ok) {
        stuck.push({ name, why: worked.message });
        continue;
      }
      const { prediction } = worked.value;
      batches.push({ ...dayBatch(id, document, prediction, kit, due), name, pieces: prediction.yield.pieces });
    }
    return { batches, stuck };
  },
  planDay: ({ day, before, ms }) => {
    const began = performance.now();
    const fits = before.length > 0 && before.length === day.batches.reduce((sum, { steps }) => sum + steps.length, 0);
    const begin = fits ? { init: genomesOf(day, before), keep: before } : { chains: USUAL_SEARCH.chains };
    const share = (): number => (performance.now() - began) / ms;
    const search = searchInSteps(day, { seed: USUAL_SEARCH.seed, share, ...begin });
    for (;;) {
      const step = search.next();
      if (step.done) return step.value;
    }
  },
};
