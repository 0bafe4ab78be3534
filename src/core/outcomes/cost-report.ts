import { USUAL_LOST_SHARE, batchCost, handMinutes, type BatchCost, type CostFacts, type LostShare } from '../costing';
import type { PackOption } from '../keeping';
import { shapeRecord } from '../catalogue';
import type { BatchDocument } from '../document';
import { visitsOf } from '../search';
import type { Prediction } from '../prediction';

/** Packs of one kind and size that are in the house. */
export type HousePack = { readonly option: PackOption; readonly volume_ml: number; readonly count: number };

/** What a kitchen pays besides ingredients; what nobody has said is left out of the sum, and told. */
export type KitchenCosts = {
  readonly energy_per_kwh?: number;
  readonly wage_per_hour?: number;
  readonly label_price?: number;
  readonly pack_prices?: Readonly<Partial<Record<PackOption, number>>>;
  /** Packs that were counted; kinds that are not among them are taken to be there. */
  readonly packs_in_house?: readonly HousePack[];
  /** What wears out: each thing's price, and the batches it lasts for. */
  readonly equipment?: ReadonlyArray<{ readonly name: string; readonly price: number; readonly batches: number }>;
  readonly overhead_per_batch?: number;
  /** What this kitchen was found to lose; the usual where it has not counted. */
  readonly lost?: LostShare;
};

/** What a batch costs, and what is missing from the sum. */
export type CostReport = BatchCost & {
  readonly facts: CostFacts;
  readonly lost: LostShare;
  /** True when nobody typed the minutes of work. */
  readonly minutesAreGuessed: boolean;
  readonly missing: ReadonlyArray<'energy' | 'packs' | 'labour' | 'ingredients'>;
};

/**
 * What a batch costs: ingredients as paid for, the energy that its programme was predicted to take, packs, labels, work.
 *
 * @param index - which of its packs it is put up in
 * @returns null where no price of any ingredient is known
 */
export function costReport(document: BatchDocument, prediction: Prediction, costs: KitchenCosts, index = 0): CostReport | null {
  const { cost, keeps, yield: out, heat } = prediction;
  if (!cost) return null;
  const { packs, option } = keeps[Math.min(index, keeps.length - 1)];
  const facts: CostFacts = {
    ingredients: cost.ingredients,
    energy_kwh: heat.energy_kwh,
    energy_per_kwh: costs.energy_per_kwh ?? 0,
    packs,
    pack_price: costs.pack_prices?.[option] ?? 0,
    label_price: costs.label_price ?? 0,
    minutes: document.worth?.minutes ?? handsOf(document, prediction, index),
    wage_per_hour: costs.wage_per_hour ?? 0,
    equipment: (costs.equipment ?? []).reduce((sum, { price, batches }) => sum + price / batches, 0),
    overhead: costs.overhead_per_batch ?? 0,
  };
  const lost = costs.lost ?? { share: USUAL_LOST_SHARE, batches: 0 };
  return {
    ...batchCost(facts, { pieces: out.pieces, finished_g: out.pieces * out.piece_final_g }, lost.share),
    facts,
    lost,
    minutesAreGuessed: document.worth?.minutes === undefined,
    missing: [
      ...(cost.missing.length > 0 ? (['ingredients'] as const) : []),
      ...(costs.energy_per_kwh === undefined ? (['energy'] as const) : []),
      ...(costs.pack_prices?.[option] === undefined ? (['packs'] as const) : []),
      ...(costs.wage_per_hour === undefined ? (['labour'] as const) : []),
    ],
  };
}

/** Minutes that hands are busy with a batch, estimated from what there is to do. */
export function handsOf({ recipe, shape, heat }: BatchDocument, { keeps, yield: out }: Prediction, index = 0): number {
  return handMinutes({
    lines: recipe.ingredients.length,
    pieces: out.pieces,
    seconds_per_piece: shapeRecord(shape.method).seconds_per_piece,
    trays: out.trays,
    visits: visitsOf(heat).length,
    packs: keeps[Math.min(index, keeps.length - 1)].packs,
  });
}
