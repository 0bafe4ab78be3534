import type { DoughLine, Ingredient } from '../pantry';
import { SDS_IN_90_PCT } from '../quantities';
import { USUAL_BOWL, boundWater, freeLiquid, softness, type BowlState } from './softness';

/** What adding one ingredient can do about the feel. */
export type Adjustment =
  | { readonly kind: 'add'; readonly mass_g: number }
  | { readonly kind: 'take-away' }
  | { readonly kind: 'no-effect' };

/**
 * Grams of one ingredient that bring a dough to a softness.
 * `take-away` means that adding cannot reach it; `no-effect` that this ingredient does not move the feel.
 *
 * @param wetter - how much more free liquid the bowl holds than its lines say, where a hand has felt it [1]
 */
// oxlint-disable-next-line max-params -- older than the rule
export function gramsToReach(
  lines: readonly DoughLine[],
  ingredient: Ingredient,
  targetIndex: number,
  bowl: BowlState = USUAL_BOWL,
  wetter = 1,
): Adjustment {
  const { freeLiquid_g, binding_g } = softness(lines, bowl);
  const perGram = targetIndex * boundWater(ingredient, bowl.standing_min) - freeLiquid({ ingredient, mass_g: 1 }, bowl.kitchen_c);
  if (Math.abs(perGram) < 1e-6) return { kind: 'no-effect' };
  const mass_g = (wetter * freeLiquid_g - targetIndex * binding_g) / perGram;
  return mass_g < -0.5 ? { kind: 'take-away' } : { kind: 'add', mass_g: Math.max(0, mass_g) };
}

/** A flour is worth holding back for its feel between these shares of itself. Source: ours. [1] */
const HOLD_BACK_AT_LEAST = 0.1;
const HOLD_BACK_AT_MOST = 0.2;

/** How much of the main flour to keep back and add by the spoon. */
export function holdBack(
  lines: readonly DoughLine[],
  bowl: BowlState = USUAL_BOWL,
): { fraction: number; mass_g: number; of: string } | null {
  const flours = lines.filter(({ ingredient }) => ingredient.category === 'flour/meal' && ingredient.bindsNow_g_per_g >= 0.3);
  const main = flours.reduce<DoughLine | null>((most, line) => (most && most.mass_g >= line.mass_g ? most : line), null);
  const { index, sd } = softness(lines, bowl);
  if (!main || !Number.isFinite(index) || index <= 0) return null;
  const wished = Math.round(((SDS_IN_90_PCT * sd) / index) * 100) / 100;
  const fraction = Math.min(HOLD_BACK_AT_MOST, Math.max(HOLD_BACK_AT_LEAST, wished));
  return { fraction, mass_g: Math.round((fraction * main.mass_g) / 5) * 5, of: main.ingredient.id };
}
