import { USUAL_LOST_SHARE } from './lost-share';

/** Everything that a batch costs besides what it is made of. Money is in one currency throughout. */
export type CostFacts = {
  readonly ingredients: number;
  readonly energy_kwh: number;
  readonly energy_per_kwh: number;
  readonly packs: number;
  readonly pack_price: number;
  readonly label_price: number;
  readonly minutes: number;
  readonly wage_per_hour: number;
  /** What wears out, its price over the batches it lasts for, added up. */
  readonly equipment: number;
  readonly overhead: number;
};

/** Parts of a cost, in the order they are told. */
export const COST_PARTS = ['ingredients', 'energy', 'packs', 'labels', 'equipment', 'overhead', 'labour'] as const;
export type CostPart = (typeof COST_PARTS)[number];

/** What a batch costs, part by part, and what that makes of a piece, of 100 g and of a pack. */
export type BatchCost = {
  readonly parts: Readonly<Record<CostPart, number>>;
  readonly total: number;
  readonly withoutLabour: number;
  readonly per: Readonly<Record<'piece' | 'hundred_g' | 'pack', { readonly total: number; readonly withoutLabour: number }>>;
};

/**
 * @param made - pieces, finished mass [g] and full packs of the batch
 * @param lostShare - share of the batch that is never eaten or sold [0..1)
 */
export function batchCost(
  facts: CostFacts,
  made: { readonly pieces: number; readonly finished_g: number },
  lostShare = USUAL_LOST_SHARE,
): BatchCost {
  const parts: Record<CostPart, number> = {
    ingredients: facts.ingredients,
    energy: facts.energy_kwh * facts.energy_per_kwh,
    packs: facts.packs * facts.pack_price,
    labels: facts.packs * facts.label_price,
    equipment: facts.equipment,
    overhead: facts.overhead,
    labour: (facts.minutes / 60) * facts.wage_per_hour,
  };
  const total = Object.values(parts).reduce((sum, part) => sum + part, 0);
  const withoutLabour = total - parts.labour;
  const over = (count: number): { total: number; withoutLabour: number } => ({
    total: count > 0 ? total / count : 0,
    withoutLabour: count > 0 ? withoutLabour / count : 0,
  });
  const kept = 1 - lostShare;
  return {
    parts,
    total,
    withoutLabour,
    per: {
      piece: over(made.pieces * kept),
      hundred_g: over((made.finished_g * kept) / 100),
      pack: over(facts.packs * kept),
    },
  };
}

/** The price at which so much of it is left over after costs. */
export const priceForMargin = (cost: number, margin_pct: number): number => cost / (1 - margin_pct / 100);

/** Against a bought treat: what a batch saves, and after how many of them a new machine has paid for itself. */
type BreakEven = { readonly saves_per_batch: number; readonly batches: number };

export function breakEven(own_per_100g: number, bought_per_100g: number, finished_g: number, equipment_price: number): BreakEven {
  const saves_per_batch = ((bought_per_100g - own_per_100g) * finished_g) / 100;
  return { saves_per_batch, batches: saves_per_batch > 0 ? Math.ceil(equipment_price / saves_per_batch) : Infinity };
}

/** Which of two is cheaper per 100 g, and the part that makes most of the difference. */
export function cheaper(
  one: BatchCost,
  other: BatchCost,
): { readonly difference: number; readonly because: CostPart; readonly share: number } {
  const per = ({ parts, per: { hundred_g }, total }: BatchCost, part: CostPart): number =>
    total > 0 ? (parts[part] / total) * hundred_g.total : 0;
  const difference = other.per.hundred_g.total - one.per.hundred_g.total;
  const gaps = COST_PARTS.map((part) => ({ part, gap: per(other, part) - per(one, part) }));
  const because = gaps.reduce((most, gap) => (gap.gap * Math.sign(difference) > most.gap * Math.sign(difference) ? gap : most));
  return { difference, because: because.part, share: difference === 0 ? 0 : because.gap / difference };
}
