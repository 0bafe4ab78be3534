import { counted } from '../quantities';
import { at, fail, succeed, type Result } from '../failure';
import { weighIngredient, type DoughLine, type Measuring } from '../pantry';
import { ballMass } from '../shaping';
import type { FixedAmount, Scale } from '../document';
import { Known } from './known';
import { roughYield, takesSearch, yieldOf, type ShapePlan, type Substance } from './shape-plan';

const MOST_ROUNDS = 24;
/** Largest batch that is taken seriously [g]: a small bakery's mixer, several times over. */
const HEAVIEST_G = 200_000;

/** What scaling needs to know of the recipe and of where it is baked. */
export type ScaleBasis = {
  readonly lines: readonly DoughLine[];
  readonly plan: ShapePlan;
  readonly substance: Substance;
  /** Nobody can wait for a layout to be searched: what is known, or rows laid by hand. */
  readonly quick: boolean;
  /** Trays that stand in the appliance at once. */
  readonly traysPerLoad: number;
  /** How the recipe measures an ingredient: the same egg sizes and cups count for what there is of it. */
  readonly measuring: (ingredient: string) => Measuring;
};

/** What scaling a bowl needs to know, whatever is shaped of it. */
type BowlBasis = Pick<ScaleBasis, 'lines' | 'measuring'>;
const massOf = ({ lines }: BowlBasis): number => lines.reduce((sum, { mass_g }) => sum + mass_g, 0);

/** Factor by which the written recipe is multiplied to meet what the baker fixed. */
export function scaleFactor(scale: Scale | undefined, basis: ScaleBasis): Result<number> {
  return withinReason(factorFor(scale, basis, massOf(basis)), basis);
}

/** The same for a bowl of which several shapes are made: pieces and trays say nothing of how much it holds. */
export function bowlFactor(scale: Scale | undefined, basis: BowlBasis): Result<number> {
  if (scale && (scale.by === 'pieces' || scale.by === 'trays' || scale.by === 'loads'))
    return fail(
      'BAD_VALUE',
      `A bowl in portions is not scaled by ${scale.by}, since each portion has its own. Scale it by its dough, a factor or an ingredient, or give a portion its grams.`,
      'scale.by',
    );
  return withinReason(bowlFactorFor(scale, basis, massOf(basis)), basis);
}

function withinReason(factor: Result<number>, basis: BowlBasis): Result<number> {
  const written_g = massOf(basis);
  if (!factor.ok) return factor;
  if (factor.value * written_g > HEAVIEST_G)
    return fail(
      'OUT_OF_RANGE',
      `That would be ${Math.round((factor.value * written_g) / 1000)} kg of dough. Split it into batches of at most ${HEAVIEST_G / 1000} kg.`,
      'scale',
    );
  return factor;
}

type OfBowl = Exclude<Scale, { by: 'pieces' | 'trays' | 'loads' }>;

function bowlFactorFor(scale: OfBowl | undefined, basis: BowlBasis, written_g: number): Result<number> {
  if (!scale) return succeed(1);
  switch (scale.by) {
    case 'factor':
      return succeed(scale.factor);
    case 'dough_mass':
      return succeed(scale.dough_g / written_g);
    case 'ingredient':
      return byIngredient(scale, basis, 'scale');
    case 'fixed':
      return bySeveral(scale.fixed, basis);
  }
}

function factorFor(scale: Scale | undefined, basis: ScaleBasis, written_g: number): Result<number> {
  if (!scale) return succeed(1);
  switch (scale.by) {
    case 'pieces':
      return succeedWith(doughFor(scale.pieces, basis), written_g);
    case 'trays':
      return byTrays(scale.trays, basis, written_g);
    case 'loads':
      return byTrays(scale.loads * basis.traysPerLoad, basis, written_g);
    case 'factor':
    case 'dough_mass':
    case 'ingredient':
    case 'fixed':
      return bowlFactorFor(scale, basis, written_g);
  }
}

const succeedWith = (dough_g: Result<number>, written_g: number): Result<number> =>
  dough_g.ok ? succeed(dough_g.value / written_g) : dough_g;

function byTrays(trays: number, basis: ScaleBasis, written_g: number): Result<number> {
  const tray = roughYield(basis.plan, PROBE_G, basis.substance);
  return tray.ok ? succeedWith(doughFor(trays * tray.value.perTray, basis), written_g) : tray;
}

function byIngredient(fixed: FixedAmount, { lines, measuring }: BowlBasis, path: string): Result<number> {
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
function bySeveral(fixed: readonly FixedAmount[], basis: BowlBasis): Result<number> {
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

/** An amount of dough that gives pieces of any size [g]. */
const PROBE_G = 1e5;
/** The search stops once it is this share of a piece from the least dough [1]. */
const CLOSE_ENOUGH = 0.2;
/** A searched layout or minis move a count by a few pieces: so often it is put right. */
const CORRECTIONS = 4;

/** Amounts found with the searched layout, by what was asked. */
const found = new Known<number>(32);
/** An amount that was found elsewhere, with what was asked. */
export type KnownDough = { readonly question: string; readonly dough_g: number };
const questionOf = (pieces: number, { plan, substance }: ScaleBasis): string => JSON.stringify([pieces, plan, substance]);

export function knownDough(scale: Scale | undefined, basis: ScaleBasis): KnownDough | null {
  if (scale?.by !== 'pieces') return null;
  const question = questionOf(scale.pieces, basis);
  const dough_g = found.get(question);
  return dough_g === undefined ? null : { question, dough_g };
}
export const rememberDough = ({ question, dough_g }: KnownDough): void => found.put(question, dough_g);

/** Least dough that gives at least this many pieces [g], as far as it can be told. */
function doughFor(pieces: number, basis: ScaleBasis): Result<number> {
  const { plan, substance, quick } = basis;
  if (plan.method === 'cake')
    return fail('BAD_VALUE', 'A cake is scaled by its pan, its dough or a factor, not by pieces or trays.', 'scale.by');
  const question = questionOf(pieces, basis);
  const known = found.get(question);
  if (known !== undefined) return succeed(known);
  const rough = leastDough(pieces, plan, substance);
  if (!rough.ok || quick || !takesSearch(plan)) return rough;
  let dough_g = rough.value;
  for (let round = 0; round < CORRECTIONS; round++) {
    const result = yieldOf(plan, dough_g, substance);
    if (!result.ok) return result;
    if (result.value.pieces >= pieces) break;
    dough_g += (pieces - result.value.pieces) * result.value.piece_g;
  }
  found.put(question, dough_g);
  return succeed(dough_g);
}

/**
 * With rows laid by hand: corrected by the pieces that are missing, and kept between what was too little and what was
 * enough. Slabs and re-rolls come in steps, so that a plain correction may jump to and fro.
 */
function leastDough(pieces: number, plan: ShapePlan, substance: Substance): Result<number> {
  const probe = roughYield(plan, PROBE_G, substance);
  if (!probe.ok) return probe;
  // Balls use up whatever there is: their wished size is kept.
  if (plan.method === 'ball') return succeed(pieces * ballMass(plan.diameter_mm, substance.g_per_ml));
  const { piece_g } = probe.value;
  let tooLittle_g = 0;
  let enough_g = Infinity;
  let dough_g = pieces * piece_g;
  for (let round = 0; round < MOST_ROUNDS && enough_g - tooLittle_g > CLOSE_ENOUGH * piece_g; round++) {
    const result = roughYield(plan, dough_g, substance);
    const got = result.ok ? result.value.pieces : 0;
    if (got >= pieces) enough_g = Math.min(enough_g, dough_g);
    else tooLittle_g = Math.max(tooLittle_g, dough_g);
    if (got === pieces) break;
    dough_g += (pieces - got) * piece_g;
    const inside = dough_g > tooLittle_g && dough_g < enough_g;
    if (!inside) dough_g = Number.isFinite(enough_g) ? (tooLittle_g + enough_g) / 2 : tooLittle_g * 1.1 + piece_g;
  }
  if (Number.isFinite(enough_g)) return succeed(enough_g);
  return fail(
    'SCALE_NOT_REACHED',
    `No amount of dough gives ${counted(pieces, 'piece')} here. Try a few more pieces.`,
    'scale.pieces',
  );
}
