import { at, fail, succeed, type Result } from '../failure';
import { weighIngredient, type DoughLine, type Measuring } from '../pantry';
import type { FixedAmount, Scale } from './document';
import { yieldOf, type ShapePlan } from './shape-plan';

const MOST_ROUNDS = 24;
/** Largest batch that is taken seriously [g]: a small bakery's mixer, several times over. */
const HEAVIEST_G = 200_000;

/** What scaling needs to know of the recipe and of where it is baked. */
export type ScaleBasis = {
  readonly lines: readonly DoughLine[];
  readonly plan: ShapePlan;
  readonly dough_g_per_ml: number;
  /** Trays that stand in the appliance at once. */
  readonly traysPerLoad: number;
  /** How the recipe measures an ingredient: the same egg sizes and cups count for what there is of it. */
  readonly measuring: (ingredient: string) => Measuring;
};

/** Factor by which the written recipe is multiplied to meet what the baker fixed. */
export function scaleFactor(scale: Scale | undefined, basis: ScaleBasis): Result<number> {
  const written_g = basis.lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const factor = factorFor(scale, basis, written_g);
  if (!factor.ok) return factor;
  if (factor.value * written_g > HEAVIEST_G)
    return fail(
      'OUT_OF_RANGE',
      `That would be ${Math.round((factor.value * written_g) / 1000)} kg of dough. Split it into batches of at most ${HEAVIEST_G / 1000} kg.`,
      'scale',
    );
  return factor;
}

function factorFor(scale: Scale | undefined, basis: ScaleBasis, written_g: number): Result<number> {
  if (!scale) return succeed(1);
  const { plan, dough_g_per_ml } = basis;
  switch (scale.by) {
    case 'factor':
      return succeed(scale.factor);
    case 'dough_mass':
      return succeed(scale.dough_g / written_g);
    case 'ingredient':
      return byIngredient(scale, basis, 'scale');
    case 'fixed':
      return bySeveral(scale.fixed, basis);
    case 'pieces':
      return succeedWith(doughFor(scale.pieces, plan, dough_g_per_ml), written_g);
    case 'trays':
      return byTrays(scale.trays, basis, written_g);
    case 'loads':
      return byTrays(scale.loads * basis.traysPerLoad, basis, written_g);
  }
}

const succeedWith = (dough_g: Result<number>, written_g: number): Result<number> =>
  dough_g.ok ? succeed(dough_g.value / written_g) : dough_g;

function byTrays(trays: number, { plan, dough_g_per_ml }: ScaleBasis, written_g: number): Result<number> {
  const tray = yieldOf(plan, 1e5, dough_g_per_ml);
  return tray.ok ? succeedWith(doughFor(trays * tray.value.perTray, plan, dough_g_per_ml), written_g) : tray;
}

function byIngredient(fixed: FixedAmount, { lines, measuring }: ScaleBasis, path: string): Result<number> {
  const here = lines.filter(({ ingredient }) => ingredient.id === fixed.ingredient);
  const written_g = here.reduce((sum, { mass_g }) => sum + mass_g, 0);
  if (here.length === 0 || written_g === 0)
    return fail(
      'UNKNOWN_INGREDIENT',
      `The recipe has no "${fixed.ingredient}" to scale by. Choose one of its ingredients.`,
      `${path}.ingredient`,
    );
  const wanted = weighIngredient(here[0].ingredient, fixed.amount, fixed.unit, measuring(fixed.ingredient));
  return wanted.ok ? succeed(wanted.value.mass_g / written_g) : at(wanted, path);
}

/** The scarcest of several things limits the batch: of the others some is left. */
function bySeveral(fixed: readonly FixedAmount[], basis: ScaleBasis): Result<number> {
  let least = Infinity;
  for (const [index, one] of fixed.entries()) {
    const factor = byIngredient(one, basis, `scale.fixed[${index}]`);
    if (!factor.ok) return factor;
    least = Math.min(least, factor.value);
  }
  return succeed(least);
}

/** What is left of the things a batch was to use up, and which of them ran out first. */
export type LeftOver = { readonly ingredient: string; readonly mass_g: number; readonly limits: boolean };

/** A thing with less than this left is used up [1]: weights are rounded. */
const USED_UP = 1e-6;

export function leftOvers(
  scale: Scale | undefined,
  planned: readonly DoughLine[],
  measuring: ScaleBasis['measuring'],
): LeftOver[] {
  const fixed = scale?.by === 'fixed' ? scale.fixed : [];
  return fixed.flatMap((one): LeftOver[] => {
    const here = planned.filter(({ ingredient }) => ingredient.id === one.ingredient);
    const had = here.length > 0 ? weighIngredient(here[0].ingredient, one.amount, one.unit, measuring(one.ingredient)) : null;
    if (!had?.ok) return [];
    const left_g = had.value.mass_g - here.reduce((sum, { mass_g }) => sum + mass_g, 0);
    const limits = left_g <= USED_UP * had.value.mass_g;
    return [{ ingredient: one.ingredient, mass_g: limits ? 0 : left_g, limits }];
  });
}

/** The search stops once it is this share of a piece from the least dough [1]. */
const CLOSE_ENOUGH = 0.2;

/**
 * Least dough that gives at least this many pieces [g], as far as it can be told: corrected by the pieces that are
 * missing, and kept between what was too little and what was enough. Slabs and re-rolls come in steps, so that a plain
 * correction may jump to and fro.
 */
function doughFor(pieces: number, plan: ShapePlan, dough_g_per_ml: number): Result<number> {
  const probe = yieldOf(plan, 1e5, dough_g_per_ml);
  if (!probe.ok) return probe;
  const { piece_g } = probe.value;
  let tooLittle_g = 0;
  let enough_g = Infinity;
  let dough_g = pieces * piece_g;
  for (let round = 0; round < MOST_ROUNDS && enough_g - tooLittle_g > CLOSE_ENOUGH * piece_g; round++) {
    const result = yieldOf(plan, dough_g, dough_g_per_ml);
    const got = result.ok ? result.value.pieces : 0;
    if (got >= pieces) enough_g = Math.min(enough_g, dough_g);
    else tooLittle_g = Math.max(tooLittle_g, dough_g);
    if (got === pieces) break;
    dough_g += (pieces - got) * piece_g;
    const inside = dough_g > tooLittle_g && dough_g < enough_g;
    if (!inside) dough_g = Number.isFinite(enough_g) ? (tooLittle_g + enough_g) / 2 : tooLittle_g * 1.1 + piece_g;
  }
  if (Number.isFinite(enough_g)) return succeed(enough_g);
  return fail('SCALE_NOT_REACHED', `No amount of dough gives ${pieces} pieces here. Try a few more pieces.`, 'scale.pieces');
}
