import { USUAL_SEARCH, genomesOf, searchInSteps, workOf, type Day, type Planned, type PlannedStep } from '@/core/bakeday';
import {
  dayBatch,
  callsOf,
  trayCourses,
  trayModel,
  turnsOf,
  type KitMachine,
  type KitchenBatch,
  type Call,
  type TrayCourse,
  type TrayTable,
  type Turn,
} from '@/core/calls';
import type { Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import { learnFrom, outlook, type Finished, type Learned, type Outlook } from '@/core/learning';
import type { Pantry } from '@/core/pantry';
import type { Prediction } from '@/core/prediction';
import { firstTrays, type FirstTrays } from '@/core/teaching';
import type { Ask, Service } from '@/workers/protocol';

type OfDocument = { readonly document: BatchDocument; readonly pantry: Pantry };
/** A weighed batch, with its tray as numbers. */
export type FinishedTray = Omit<Finished, 'model'> & { readonly table: TrayTable };
/** Batches that could be baked on a day, and those that cannot be worked out, with why. */
export type DayBatches = {
  readonly batches: ReadonlyArray<KitchenBatch & { readonly name: string; readonly pieces: number }>;
  readonly stuck: ReadonlyArray<{ readonly name: string; readonly why: string }>;
};

/** What hands are called to, and what the trays go through meanwhile. */
export type PlannedCalls = {
  readonly calls: readonly Call[];
  readonly pieces: number;
  readonly courses: ReadonlyArray<Prediction['heat']['timeline']>;
};

/** How far a plan is looked for: in usual searches of a day, and the longest that hands may wait [ms]. */
export type Looking = { readonly searches: number; readonly most_ms: number };

/** What is worked out at the oven and for a bake day. */
export type OvenJobs = {
  /** A batch's calls, the pieces that it makes, and the nominal course of each of its programmes in turn. */
  readonly calls: Ask<OfDocument, Result<PlannedCalls>>;
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
  /** Which small trays would teach the model an oven the most. */
  readonly firstTrays: Ask<
    { readonly appliance: Appliance; readonly air: BatchDocument['kitchen']; readonly pantry: Pantry },
    Result<FirstTrays>
  >;
  /** A plan by so much of a search, from the one there was where it still fits; null where none does. */
  readonly planDay: Ask<{ readonly day: Day; readonly before: readonly PlannedStep[] } & Looking, Planned | null>;
};

const piecesOf = (turns: readonly Turn[]): number => turns.reduce((sum, { prediction }) => sum + prediction.yield.pieces, 0);

const withModel = ({ table, ...tray }: FinishedTray): Finished => ({ ...tray, model: trayModel(table) });

export const OVEN_JOBS: Service<OvenJobs> = {
  calls: ({ document, pantry }) => {
    const turns = turnsOf(document, { pantry });
    if (!turns.ok) return turns;
    return succeed({
      calls: callsOf(document, turns.value),
      pieces: piecesOf(turns.value),
      courses: turns.value.map(({ prediction }) => prediction.heat.timeline),
    });
  },
  trayCourses: ({ document, pantry }) => trayCourses(document, { pantry }),
  outlook: ({ tray, now_min, known }) => outlook(withModel(tray), now_min, known),
  learn: ({ finished, thermometer_K }) => learnFrom(finished.map(withModel), thermometer_K),
  dayBatches: ({ planned, kit, due, pantry }) => {
    const batches: Array<DayBatches['batches'][number]> = [];
    const stuck: Array<DayBatches['stuck'][number]> = [];
    for (const { id, name, document } of planned) {
      const turns = turnsOf(document, { pantry });
      if (!turns.ok) {
        stuck.push({ name, why: turns.message });
        continue;
      }
      batches.push({ ...dayBatch(id, { document, turns: turns.value }, kit, due), name, pieces: piecesOf(turns.value) });
    }
    return { batches, stuck };
  },
  firstTrays: ({ appliance, air, pantry }) => firstTrays(appliance, { pantry }, air),
  planDay: ({ day, before, searches, most_ms }) => {
    const began = performance.now();
    const fits = before.length > 0 && before.length === day.batches.reduce((sum, { steps }) => sum + steps.length, 0);
    const begin = fits ? { init: genomesOf(day, before), keep: before } : { chains: USUAL_SEARCH.chains };
    const outOfTime = (): boolean => performance.now() - began > most_ms;
    const search = searchInSteps(day, { seed: USUAL_SEARCH.seed, share: workOf(searches), outOfTime, ...begin });
    for (;;) {
      const step = search.next();
      if (step.done) return step.value;
    }
  },
};
