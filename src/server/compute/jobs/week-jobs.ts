import { weekChanges, weekIf, type Day, type PlannedStep, type WeekWork } from '@/core/bakeday';
import type { BatchDocument } from '@/core/document';
import { costReport, wholeBatch, type KitchenCosts } from '@/core/outcomes';
import type { Pantry } from '@/core/pantry';
import type { KitchenGoods } from '@/workers/prediction-protocol';
import type { Ask, Service } from '@/workers/protocol';
import { pricedKitchen } from '@/workers/quick-look';

/** What one batch of a week gives and takes; nothing where it cannot be worked out. */
export type BatchFacts = {
  readonly id: string;
  readonly pieces: number;
  readonly energy_kwh: number;
  readonly cost: number | null;
};

export type WeekJobs = {
  /** The days of a week with every change that can be tried, each planned anew, and what each batch of it gives and takes. */
  readonly weekIf: Ask<
    {
      readonly days: ReadonlyArray<{ readonly day: Day; readonly plan: readonly PlannedStep[] }>;
      readonly batches: ReadonlyArray<{ readonly id: string; readonly document: BatchDocument }>;
      readonly pantry: Pantry;
      readonly prices: Omit<KitchenGoods, 'pantry'>;
      readonly costs: KitchenCosts;
    },
    { readonly works: readonly WeekWork[]; readonly facts: readonly BatchFacts[] }
  >;
};

export const WEEK_JOBS: Service<WeekJobs> = {
  weekIf: ({ days, batches, pantry, prices, costs }) => {
    const kitchen = pricedKitchen(pantry, prices);
    const facts = batches.flatMap(({ id, document }): BatchFacts[] => {
      const whole = wholeBatch(document, kitchen, 'light', 0);
      if (!whole.ok) return [];
      const { prediction } = whole.value;
      const report = costReport(document, prediction, costs);
      return [{ id, pieces: prediction.yield.pieces, energy_kwh: prediction.heat.energy_kwh, cost: report?.total ?? null }];
    });
    return { works: weekChanges(days).map((change) => weekIf(days, change)), facts };
  },
};
