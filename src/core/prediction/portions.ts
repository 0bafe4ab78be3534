import { fail, succeed, type Result } from '../failure';
import type { BatchDocument, Portion } from '../document';
import { bowlFactor, onlyDough, weighRecipe } from '../yield';
import { measuringOf, type Kitchen } from './prepare';
import type { Effort } from './predict';
import { setRound } from './set-round';

/** One portion of a bowl as a batch of its own. */
export type PortionBatch = {
  /** Null for the one portion of a bowl that is not shared out. */
  readonly name: string | null;
  /** Share of the bowl [0..1]. */
  readonly share: number;
  readonly document: BatchDocument;
  /** It goes into the heat with others, by the programme of the batch. */
  readonly together: boolean;
  /** So many of its treats go round the cake of another portion. */
  readonly on_cake: number;
};

/** Portions that add up to this much more than the bowl are a mistake [1]; less than that is nothing left over. */
const ROUNDING = 1e-6;

/** The portions of a bowl, with what goes round a cake of it, each as a document of its own shape, programme and packs; the document itself where it is not shared out. */
export function portionsOf(document: BatchDocument, kitchen: Kitchen, effort: Effort = 'quick'): Result<readonly PortionBatch[]> {
  const { portions = [] } = document;
  const twice = portions.findIndex(({ name }, i) => portions.findIndex((other) => other.name === name) < i);
  if (twice >= 0)
    return fail(
      'BAD_VALUE',
      `Two portions are called "${portions[twice].name}". Give each a name of its own.`,
      `portions[${twice}].name`,
    );
  const lost = (document.pack ?? []).findIndex(
    ({ portion }) => portion !== undefined && !portions.some(({ name }) => name === portion),
  );
  if (lost >= 0)
    return fail(
      'BAD_VALUE',
      `There is no portion "${document.pack?.[lost].portion}" to pack. ${portions.length > 0 ? `The portions are ${portions.map(({ name }) => name).join(', ')}.` : 'This bowl is not shared out.'}`,
      `pack[${lost}].portion`,
    );
  if (portions.length === 0) return succeed([{ name: null, share: 1, document, together: true, on_cake: 0 }]);
  const shares = sharesOf(document, kitchen);
  if (!shares.ok) return shares;
  const batches = portions.map((portion, i) => portionBatch(document, portion, shares.value, i));
  const bordered = setRound(
    portions.map((portion, i) => ({ portion, document: batches[i].document })),
    kitchen,
    effort,
  );
  return bordered.ok ? succeed(batches.map((batch, i) => ({ ...batch, ...bordered.value[i] }))) : bordered;
}

/** Share of the bowl that each portion takes [0..1]. */
function sharesOf(document: BatchDocument, kitchen: Kitchen): Result<Shares> {
  const { recipe, scale, portions = [] } = document;
  const weighed = weighRecipe(recipe, kitchen.pantry, document.kitchen?.cup_fill);
  if (!weighed.ok) return weighed;
  const lines = onlyDough(recipe, weighed.value);
  const factor = bowlFactor(scale, { lines, measuring: measuringOf(document) });
  if (!factor.ok) return factor;
  const bowl_g = factor.value * lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const taken = portions.map(({ share_pct, dough_g }) => (dough_g !== undefined ? dough_g / bowl_g : (share_pct ?? 0) / 100));
  const rests = portions.flatMap(({ share_pct, dough_g }, i) => (share_pct === undefined && dough_g === undefined ? [i] : []));
  const left = 1 - taken.reduce((sum, share) => sum + share, 0);
  if (left < -ROUNDING)
    return fail(
      'OUT_OF_RANGE',
      `The portions take ${Math.round((1 - left) * bowl_g)} g, and the bowl holds ${Math.round(bowl_g)} g. Take less, or make more dough.`,
      'portions',
    );
  if (rests.length > 0 && left <= ROUNDING)
    return fail(
      'NOTHING_TO_BAKE',
      `The others take all of the bowl: nothing is left for "${portions[rests[0]].name}". Give them less.`,
      `portions[${rests[0]}]`,
    );
  return succeed({
    factor: factor.value,
    of: taken.map((share, i) => (rests.includes(i) ? left / rests.length : share)),
  });
}

type Shares = { readonly factor: number; readonly of: readonly number[] };

function portionBatch(document: BatchDocument, portion: Portion, { factor, of }: Shares, at: number): PortionBatch {
  const { portions = [], pack = [], name, recipe, set_aside: ofAll, ...rest } = document;
  const share = of[at];
  const set_aside = portion.set_aside ?? (at === 0 ? ofAll : undefined);
  const own = pack.filter((one) => one.portion === portion.name);
  const packs = own.length > 0 ? own : pack.filter((one) => one.portion === undefined);
  return {
    name: portion.name,
    share,
    together: portion.heat === undefined,
    on_cake: 0,
    document: {
      ...rest,
      name: `${name ?? recipe.name ?? 'Batch'}, ${portion.name}`,
      recipe: recipeOf(recipe, portions, of, at),
      shape: portion.shape ?? document.shape,
      heat: portion.heat ?? document.heat,
      scale: { by: 'factor', factor: factor * share },
      ...(packs.length > 0 ? { pack: packs } : {}),
      ...(set_aside ? { set_aside } : {}),
    },
  };
}

/** Whether a part of the recipe goes on or into a portion. */
const takes = ({ parts }: Portion, part: string): boolean => parts === undefined || parts.includes(part);

/**
 * The recipe for one portion: what was weighed into the bowl is shared out, and what is made of other parts goes to the portions
 * that take it.
 */
function recipeOf(
  recipe: BatchDocument['recipe'],
  portions: readonly Portion[],
  of: readonly number[],
  at: number,
): BatchDocument['recipe'] {
  const { parts = [] } = recipe;
  const isDough = new Set(parts.filter(({ role }) => role === 'dough').map(({ name }) => name));
  const moreOf = (part: string): number => {
    if (!takes(portions[at], part)) return 0;
    const among = portions.reduce((sum, portion, i) => (takes(portion, part) ? sum + of[i] : sum), 0);
    return 1 / among;
  };
  return {
    ...recipe,
    ingredients: recipe.ingredients.map((line) => {
      const more = line.part === undefined || isDough.has(line.part) ? 1 : moreOf(line.part);
      const actual = line.actual_g === undefined ? {} : { actual_g: line.actual_g * of[at] * more };
      return { ...line, amount: line.amount * more, ...actual };
    }),
    ...(parts.length === 0
      ? {}
      : {
          parts: parts.map((part) => {
            if (isDough.has(part.name)) return part;
            const more = moreOf(part.name);
            // Nothing of it is made for these: then it weighs nothing, whatever it says.
            if (more === 0) return { name: part.name, role: part.role };
            return part.grams === undefined ? part : { ...part, grams: part.grams * more };
          }),
        }),
  };
}
