/** Tolerable negative error of a pack's stated weight [g]. Source: the average system of Directive 76/211/EEC, as a guide. */
export function tolerableError(nominal_g: number): number {
  if (nominal_g <= 50) return 0.09 * nominal_g;
  if (nominal_g <= 100) return 4.5;
  if (nominal_g <= 200) return 0.045 * nominal_g;
  if (nominal_g <= 300) return 9;
  if (nominal_g <= 500) return 0.03 * nominal_g;
  return nominal_g <= 1000 ? 15 : 0.015 * nominal_g;
}

/** What to fill so that packs hold what their label says. */
type FillPlan = {
  /** Put in at least this, on average [g]. */
  readonly fill_g: number;
  /** Few packs may weigh less than this, and none less than `never_below_g`. */
  readonly few_below_g: number;
  readonly never_below_g: number;
};

const DEVIATIONS = 1.96;
const HALF_G = 0.5;

/**
 * @param nominal_g - net weight on the label
 * @param sd_g - how much fills scatter
 * @param loss_g - what a pack still dries out until it is sold
 */
export function fillPlan(nominal_g: number, sd_g: number, loss_g: number): FillPlan {
  const error_g = tolerableError(nominal_g);
  const least_g = Math.max(nominal_g + 0.5 * sd_g, nominal_g - error_g + DEVIATIONS * sd_g) + loss_g;
  return {
    fill_g: Math.ceil(least_g / HALF_G - 1e-9) * HALF_G,
    few_below_g: nominal_g - error_g,
    never_below_g: nominal_g - 2 * error_g,
  };
}

/** The largest round weight that may be stated of a pack that likely holds so much and surely not less than `low_g`. */
export function statedWeight(low_g: number): number {
  const step = low_g >= 100 ? 5 : low_g >= 20 ? 1 : 0.5;
  return Math.floor(low_g / step + 1e-9) * step;
}
