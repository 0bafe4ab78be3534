import { CRISP_FROM, type Product } from '../keeping';
import { tissueShare, type DoughLine } from '../pantry';
import type { Finish } from '../programme';
import { crispness, criticalAw } from '../texture';
import type { DoughMaterial } from '../yield';

/** Meat or fish counts from this share of the mix [1]. */
export const MEAT_FROM = 0.1;
/** Meat, organ or fish as a share of the mix between which it spoils as bread does and as meat does [1]. Source: ours. */
const MEATY = { from: 0.02, to: 0.1 } as const;
/** More egg and dairy than this and it is a custard or a cheese, not a dough: it counts as meat does [1]. Source: ours. */
const CUSTARD_FROM = 0.4;
const SOFT_FROM_AW = 0.65;

/** The product as the keeping room sees it. */
export function productOf(
  lines: readonly DoughLine[],
  dough: DoughMaterial,
  finish: Pick<Finish, 'moisture_pct' | 'wettestMoisture_pct' | 'aw'>,
  thickness_mm: number,
): Product {
  const wantCrisp = crispness(finish.aw, criticalAw(dough.composition)) >= CRISP_FROM;
  const soft = !wantCrisp && finish.aw >= SOFT_FROM_AW;
  return {
    lines,
    composition: dough.composition,
    moisture_pct: finish.moisture_pct,
    coreMoisture_pct: finish.wettestMoisture_pct,
    state: dough.state,
    kind: dough.meatLike > 0.5 ? 'dried-meat' : soft ? 'soft' : 'baked',
    thickness_mm,
    meat: tissueShare(lines) >= MEAT_FROM,
    meatLike: meatLikeness(lines),
    wantCrisp,
    measured: false,
  };
}

/** How far it spoils as meat does: by its meat, organ and fish, and by egg and dairy beyond a dough's. */
export function meatLikeness(lines: readonly DoughLine[]): number {
  const all_g = lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const custard_g = lines.reduce(
    (sum, { ingredient, mass_g }) => (/^(egg|dairy)$/.test(ingredient.category) ? sum + mass_g : sum),
    0,
  );
  const animal = tissueShare(lines) + Math.max(0, custard_g / all_g - CUSTARD_FROM);
  return Math.min(1, Math.max(0, (animal - MEATY.from) / (MEATY.to - MEATY.from)));
}
