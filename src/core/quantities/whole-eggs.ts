/** One way to take eggs for a dough. */
export type EggChoice =
  /** The whole number is near enough. */
  | { readonly kind: 'whole'; readonly count: number; readonly mass_g: number }
  /** Beat the eggs, weigh what is needed, keep the rest in the fridge for two days at most. */
  | { readonly kind: 'weigh-beaten'; readonly count: number; readonly mass_g: number; readonly leftOver_g: number }
  /** Use whole eggs and change the other liquid by so much: negative is less. */
  | { readonly kind: 'whole-and-liquid'; readonly count: number; readonly mass_g: number; readonly liquid_g: number };

/** A whole number this near to the need is used as it is [1]. Source: ours, the spread within one egg grade. */
const NEAR_ENOUGH = 0.08;
/** Other liquid that a gram of egg stands for [g/g]: its free liquid .72, a little less for its solids. Source: ours. */
const LIQUID_PER_EGG = 0.7;

/**
 * How to take a mass of egg out of eggs of one size: eggs do not halve.
 *
 * @param need_g - egg wanted, without shell [g]
 * @param each_g - one egg without shell [g]
 */
export function eggChoices(need_g: number, each_g: number): EggChoice[] {
  const eggs = need_g / each_g;
  const nearest = Math.max(1, Math.round(eggs));
  if (Math.abs(nearest / eggs - 1) <= NEAR_ENOUGH) return [{ kind: 'whole', count: nearest, mass_g: nearest * each_g }];
  const enough = Math.ceil(eggs);
  return [
    { kind: 'weigh-beaten', count: enough, mass_g: need_g, leftOver_g: enough * each_g - need_g },
    {
      kind: 'whole-and-liquid',
      count: nearest,
      mass_g: nearest * each_g,
      liquid_g: -LIQUID_PER_EGG * (nearest * each_g - need_g),
    },
  ];
}
