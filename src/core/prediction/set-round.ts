import type { BatchDocument, Portion, Recipe, RecipeLine } from '../document';
import { fail, succeed, type Failure, type Result } from '../failure';
import { asIngredient } from './as-ingredient';
import { predict, type Effort } from './predict';
import type { Kitchen } from './prepare';

/** A portion of a bowl as a batch of its own, with the portion that it is of. */
type OfBowl = { readonly portion: Portion; readonly document: BatchDocument };

/** The same with what goes round a cake, and how many of its treats do. */
type Bordered = { readonly document: BatchDocument; readonly on_cake: number };

/**
 * Sets the treats of one portion round the cake of another: the cake gets them as a part, as many as go round or as there are, and
 * those are kept from the packs of the portion that they come from.
 *
 * @param portions - every portion of a bowl as it is without any of this
 */
export function setRound(portions: readonly OfBowl[], kitchen: Kitchen, effort: Effort): Result<readonly Bordered[]> {
  const documents = portions.map(({ document }) => document);
  const onCakes = portions.map(() => 0);
  for (const [from, { portion }] of portions.entries()) {
    if (portion.round === undefined) continue;
    const to = portions.findIndex(({ portion: { name } }) => name === portion.round);
    const wrong = cannotGoRound(portions, from, to);
    if (wrong) return wrong;
    const treats = predict(documents[from], kitchen, effort);
    if (!treats.ok) return treats;
    const line = asIngredient(portion.name, treats.value);
    if (!line.ok) return line;
    const bare = predict(documents[to], kitchen, 'quick');
    if (!bare.ok) return bare;
    const { cake, yield: cakeYield } = bare.value.prediction;
    const pieces = Math.min(cake?.border_biscuits ?? 0, treats.value.out.pieces);
    const each_g = treats.value.prediction.yield.piece_final_g;
    documents[to] = {
      ...documents[to],
      recipe: withBorder(documents[to].recipe, line.value, (pieces * each_g) / cakeYield.pieces),
    };
    const more = documents[from].set_aside?.pieces ?? 0;
    documents[from] = { ...documents[from], set_aside: { pieces: pieces + more, for: `round ${portion.round}` } };
    onCakes[from] = pieces;
  }
  return succeed(documents.map((document, i) => ({ document, on_cake: onCakes[i] })));
}

function cannotGoRound(portions: readonly OfBowl[], from: number, to: number): (Failure & { readonly ok: false }) | null {
  const { name, round = '' } = portions[from].portion;
  const path = `portions[${from}].round`;
  if (to < 0) return fail('BAD_VALUE', `There is no portion "${round}" for "${name}" to go round. Name one of the others.`, path);
  if (to === from) return fail('BAD_VALUE', `"${name}" cannot go round itself. Name the portion that is the cake.`, path);
  const { shape } = portions[to].document;
  if (shape.method !== 'cake')
    return fail('BAD_VALUE', `"${round}" is no cake: nothing can be set round it. Shape it as a cake, or take this out.`, path);
  if (!shape.border)
    return fail('BAD_VALUE', `The cake "${round}" has no biscuits round its side. Give its shape a border first.`, path);
  return null;
}

/** The recipe with biscuits round the side as a part of its own. */
function withBorder(recipe: Recipe, line: RecipeLine, grams_per_piece: number): Recipe {
  const { parts = [], ingredients } = recipe;
  const taken = new Set(parts.map(({ name }) => name));
  const name = taken.has(line.ingredient) ? `${line.ingredient}, round the side` : line.ingredient;
  return {
    ...recipe,
    ingredients: [...ingredients, { ...line, part: name }],
    parts: [...parts, { name, role: 'border', grams_per_piece }],
  };
}
