import type { DoughLine, Ingredient } from '../pantry';

/** How a dough handles, from driest to wettest. */
export type Feel = 'crumbly' | 'stiff' | 'rollable' | 'soft-sticky' | 'scoopable' | 'batter';

/** What each feel means to the hands. */
export const FEEL_WORDS: Record<Feel, string> = {
  crumbly: 'falls apart; needs liquid or an egg',
  stiff: 'firm; press to roll; cuts sharp; driest start',
  rollable: 'rolls and cuts cleanly',
  'soft-sticky': 'wet hands or a floured board',
  scoopable: 'drop from a spoon, or pipe',
  batter: 'pour into moulds or a tin',
};

/** Softness index where each band begins, above the crumble edge. Source: fit to the calibration doughs. [1] */
export const FEEL_STARTS = { rollable: 0.78, 'soft-sticky': 1.05, scoopable: 1.3, batter: 1.95 } as const;

/** Softness to aim for when a baker asks for a feel. Source: ours, middle of each band. [1] */
export const FEEL_TARGETS = { stiff: 0.7, rollable: 0.9, 'soft-sticky': 1.15, scoopable: 1.55, batter: 2.4 } as const;

/** Dry goods that bind at least this much count towards holding together [g/g]. Source: ours. */
const BINDS_AT_LEAST = 0.18;

/**
 * Softness below which a dough falls apart: 0.60 for bare rice flour, 0.44 for wheat.
 *
 * @source fit to the calibration doughs (docs/model/dough.md)
 */
export const crumbleEdge = (lines: readonly DoughLine[]): number => 0.6 - 0.16 * holding(lines);

/** How well the dry goods hold together: 0 bare rice flour, 1 wheat. A dough without dry goods is held by what sets it. */
export function holding(lines: readonly DoughLine[]): number {
  let binder_g = 0;
  let dryGoods_g = 0;
  for (const { ingredient, mass_g } of lines) {
    binder_g += mass_g * ingredient.binder;
    if (ingredient.bindsNow_g_per_g >= BINDS_AT_LEAST) dryGoods_g += mass_g;
  }
  return dryGoods_g > 0 ? Math.min(1, binder_g / dryGoods_g) : 1;
}

/** Flour-like goods below this share of a mixture make no dough of it [1]. Source: ours, a spoon of flour in a bowl of puree. */
const LEAST_FLOUR = 0.03;
/** What binds water as it is eaten, not as flour does: the softness of the calibration doughs says nothing of it. */
const NO_FLOUR: ReadonlySet<Ingredient['category']> = new Set<Ingredient['category']>(['meat/organ', 'fish', 'egg', 'dairy']);

/** Whether a mixture is a dough whose feel can be told: puree, fruit, meat or liver without flour is not. */
export function isDough(lines: readonly DoughLine[]): boolean {
  const all_g = lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const flours = lines.filter(
    ({ ingredient }) => ingredient.bindsNow_g_per_g >= BINDS_AT_LEAST && !NO_FLOUR.has(ingredient.category),
  );
  return flours.reduce((sum, { mass_g }) => sum + mass_g, 0) >= LEAST_FLOUR * all_g;
}

/** The band that a softness index falls into, for a dough with this crumble edge. */
export function feelOf(index: number, crumbleEdgeIndex: number): Feel {
  if (index < crumbleEdgeIndex) return 'crumbly';
  if (index < FEEL_STARTS.rollable) return 'stiff';
  if (index < FEEL_STARTS['soft-sticky']) return 'rollable';
  if (index < FEEL_STARTS.scoopable) return 'soft-sticky';
  return index < FEEL_STARTS.batter ? 'scoopable' : 'batter';
}
