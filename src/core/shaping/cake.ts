import { panArea, panWall } from './pan';
import type { Pan } from './pan-kinds';

/** A cake of equal layers, each baked in its own pan or all cut from one. */
export type CakePlan = {
  readonly batter_g: number;
  readonly batter_g_per_ml: number;
  readonly pan: Pan;
  readonly layers: number;
  /** Layers cut from each baked cake [pieces]; 1 bakes every layer by itself. */
  readonly layersPerPan: number;
  /** Batter grows in height by this factor [1]. */
  readonly rise: number;
  /** Cut off all round, and the dome cut level off every baked cake [mm]. */
  readonly trim_mm: number;
  readonly level_mm: number;
};

export type CakeYield = {
  readonly pans: number;
  readonly batterDepth_mm: number;
  readonly risen_mm: number;
  /** One finished layer. */
  readonly layer_mm: number;
  readonly cake_mm: number;
  /** Batter that ends as trimmings [g raw]. */
  readonly trimmed_g: number;
  /** Top of the finished cake, and the length of its side [mm2, mm]. */
  readonly top_mm2: number;
  readonly side_mm: number;
};

/** Depths, heights and losses of a cake; batter = cake + trimmings, always. */
export function layerCake(plan: CakePlan): CakeYield {
  const { pan, layers, layersPerPan, rise, trim_mm, level_mm } = plan;
  const pans = Math.ceil(layers / layersPerPan);
  const base_mm2 = panArea(pan);
  const batterDepth_mm = ((plan.batter_g / plan.batter_g_per_ml) * 1000) / base_mm2 / pans;
  const risen_mm = batterDepth_mm * rise;
  const flat_mm = Math.max(0, risen_mm - level_mm);
  const top_mm2 = Math.max(0, base_mm2 - trim_mm * panWall(pan));
  const kept = (top_mm2 / base_mm2) * (flat_mm / risen_mm);
  const layer_mm = (flat_mm * pans) / layers;
  return {
    pans,
    batterDepth_mm,
    risen_mm,
    layer_mm,
    cake_mm: layer_mm * layers,
    trimmed_g: plan.batter_g * (1 - kept),
    top_mm2,
    // Taking the same off all round shortens a wall by about 2 pi times it; exact for a circle.
    side_mm: Math.max(0, panWall(pan) - 2 * Math.PI * trim_mm),
  };
}

/** What goes on and between the layers [mm of thickness, g piped]. */
export type FrostingPlan = {
  readonly between_mm: number;
  readonly crumb_mm: number;
  readonly coat_mm: number;
  readonly piping_g: number;
};

export type Frosting = {
  readonly between_g: number;
  readonly crumb_g: number;
  readonly coat_g: number;
  readonly piping_g: number;
  /** Everything, with what stays in bowl and bag. */
  readonly total_g: number;
  readonly packs: number;
  /** The cake with all its coats. */
  readonly height_mm: number;
  /** Cold before the second coat, before a border is set, and before it is cut [min]. */
  readonly chill_minutes: readonly [afterCrumb: number, afterCoat: number, beforeCutting: number];
};

/** Yoghurt or soft-cheese frosting as spread [g/mL], and what stays in bowl and bag [1]. Source: ours. */
const FROSTING_G_PER_ML = 1.05;
const FROSTING_LOST = 0.08;
/** A coat firms from outside in; minutes in the fridge for its first 2 mm and for each mm more, and for a whole cake. Source: ours. */
const FIRMS = { first_min: 20, perMore_min: 6, first_mm: 2, cake_min: 45 };

/** Frosting by area and thickness. */
export function frostingOf(plan: FrostingPlan, cake: CakeYield, layers: number, pack_g: number): Frosting {
  const height_mm = cake.cake_mm + (layers - 1) * plan.between_mm;
  const skin_mm2 = cake.top_mm2 + cake.side_mm * height_mm;
  const weigh = (volume_mm3: number): number => (volume_mm3 / 1000) * FROSTING_G_PER_ML;
  const between_g = weigh((layers - 1) * cake.top_mm2 * plan.between_mm);
  const crumb_g = weigh(skin_mm2 * plan.crumb_mm);
  const coat_g = weigh(skin_mm2 * plan.coat_mm);
  const total_g = (between_g + crumb_g + coat_g + plan.piping_g) / (1 - FROSTING_LOST);
  const firm = (mm: number): number =>
    mm > 0 ? FIRMS.first_min + Math.ceil(Math.max(0, mm - FIRMS.first_mm) * FIRMS.perMore_min) : 0;
  return {
    between_g,
    crumb_g,
    coat_g,
    piping_g: plan.piping_g,
    total_g,
    packs: total_g > 0 ? Math.ceil(total_g / pack_g - 1e-9) : 0,
    height_mm: height_mm + plan.crumb_mm + plan.coat_mm,
    chill_minutes: [firm(plan.crumb_mm), firm(plan.coat_mm), total_g > 0 ? FIRMS.cake_min : 0],
  };
}

/** Biscuits set upright round the side. */
export type Border = { readonly biscuits: number; readonly gap_mm: number };

/**
 * As many biscuits as go round, and the gap that spreads them evenly. Straight sides are counted one by one, since
 * a biscuit does not bend round a corner.
 */
// oxlint-disable-next-line max-params -- older than the rule
export function borderOf(pan: Pan, cake: CakeYield, coats_mm: number, biscuit_mm: number, least_mm: number): Border {
  const around_mm = cake.side_mm + 2 * Math.PI * coats_mm;
  const straight = pan.shape === 'square' || pan.shape === 'rectangle' || pan.shape === 'loaf';
  const outer = pan.shape === 'ring' ? around_mm * (pan.width_mm / (pan.width_mm + pan.hole_mm)) : around_mm;
  const sides = straight ? sidesOf(pan, outer) : [outer];
  // Round and closed: as many gaps as biscuits. Along a side: one gap less.
  const counts = sides.map((side) => Math.floor((side + (straight ? least_mm : 0)) / (biscuit_mm + least_mm) + 1e-9));
  const biscuits = counts.reduce((sum, n) => sum + n, 0);
  const free_mm = sides.reduce((sum, side) => sum + side, 0) - biscuits * biscuit_mm;
  return { biscuits, gap_mm: biscuits > 0 ? free_mm / biscuits : 0 };
}

function sidesOf({ shape, width_mm, length_mm }: Pan, around_mm: number): number[] {
  const [a, b] = shape === 'square' ? [width_mm, width_mm] : [width_mm, length_mm];
  const scale = around_mm / (2 * (a + b));
  return [a, b, a, b].map((side) => side * scale);
}
