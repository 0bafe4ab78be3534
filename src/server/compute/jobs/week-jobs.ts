import { weekChanges, weekIf, type WeekDay, type WeekWork } from '@/core/bakeday';
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
  /** The days of a week with every change that can be tried, each planned anew. */
  readonly weekIf: Ask<{ readonly days: readonly WeekDay[] }, readonly WeekWork[]>;
  /** What each batch of a week gives and takes; those are left out that cannot be worked out. */
  readonly weekFacts: Ask<
    {
      readonly batches: ReadonlyArray<{ readonly id: string; readonly document: BatchDocument }>;
      readonly pantry: Pantry;
      readonly prices: Omit<KitchenGoods, 'pantry'>;
      readonly costs: KitchenCosts;
    },
    readonly BatchFacts[]
  >;
};

export const WEEK_JOBS: Service<WeekJobs> = {
  weekIf: ({ days }) => weekChanges(days).map((change) => weekIf(days, change)),
  weekFacts: ({ batches, pantry, prices, costs }) => {
    const kitchen = pricedKitchen(pantry, prices);
    return batches.flatMap(({ id, document }): BatchFacts[] => {
      const whole = wholeBatch(document, kitchen, 'light', 0);
      if (!whole.ok) return [];
      const { prediction } = whole.value;
      const report = costReport(document, prediction, costs);
      return [{ id, pieces: prediction.yield.pieces, energy_kwh: prediction.heat.energy_kwh, cost: report?.total ?? null }];
    });
  },
};
