import { createHash } from 'node:crypto';
import { METHOD_NAMES, type BatchDocument } from '@/core/document';
import { addBand } from '@/core/bands';
import { feedingInput, handsOf } from '@/core/outcomes';
import { predict, type PredictionRun } from '@/core/prediction';
import { crumbleEdge } from '@/core/dough';
import { succeed, type Result } from '@/core/failure';
import { allergensIn, sharesOf, type Pantry } from '@/core/pantry';
import type { RecipeCardRow } from '@/db/recipe-card';
import type { RecipeFacts } from '@/db/recipes';

/** What stands between the words of a recipe, and of a search for it. */
export const NO_WORD = /[^\p{L}\p{N}%]+/u;

/** Works out everything that is kept beside a recipe: what the book shows, and what it is found by. */
export function recipeFacts(document: BatchDocument, pantry: Pantry, cardOf: string): Result<RecipeFacts> {
  const { scale: _asWritten, ...written } = document;
  const worked = predict(written, { pantry }, 'light');
  if (!worked.ok) return worked;
  const { recipe } = document;
  const card = cardFrom(written, worked.value);
  const name = (recipe.name?.trim() ?? '') || (document.name?.trim() ?? '') || 'Recipe';
  const method = recipe.method ?? '';
  const summary = recipe.summary ?? '';
  const rows = worked.value.lines.map(({ ingredient }) => ingredient);
  const words = [
    name,
    summary,
    recipe.method ? `${recipe.method} ${METHOD_NAMES[recipe.method]}` : '',
    ...rows.flatMap((row) => [row.name, ...row.otherNames]),
    ...card.allergens.map((allergen) => allergen.name),
  ];
  return succeed({
    name,
    method,
    summary,
    document,
    ingredientIds: [...new Set(rows.map(({ id }) => id))],
    allergens: card.allergens.map((allergen) => allergen.name),
    // Each word once: a search asks for words, and short rows are quick to look through.
    words: [...new Set(words.join(' ').toLowerCase().split(NO_WORD))].join(' '),
    card,
    cardOf,
  });
}

function cardFrom(document: BatchDocument, { prediction, lines, finishes, treat }: PredictionRun): RecipeCardRow {
  const { dough, yield: out, heat, outcome, keeps } = prediction;
  const { kcal_per_piece, sides_mm, force_N, hard, blockedBy } = feedingInput(prediction, treat.lines);
  return {
    lines: lines.map(({ ingredient, mass_g }, i) => ({
      ingredient: ingredient.id,
      name: ingredient.name,
      mass_g: mass_g + finishes[i].mass_g,
      eaten_g: treat.lines[i].mass_g,
      ...(ingredient.slicedOff ? { slicedOff: ingredient.slicedOff } : {}),
    })),
    ownRows: lines.flatMap(({ ingredient }) => (ingredient.own ? [ingredient] : [])),
    dough_g: dough.mass_g,
    feel: dough.feel,
    feel_index: dough.feel_index,
    feel_low: dough.feel_index_low,
    feel_high: dough.feel_index_high,
    crumble_edge: crumbleEdge(lines),
    pieces: out.pieces,
    minutes: heat.minutes,
    snap: outcome.snap,
    texture: outcome.texture,
    keeps_days: keeps[0].days,
    shares: sharesOf(lines),
    allergens: allergensIn(lines.map(({ ingredient }) => ingredient)),
    water_g: dough.water_g,
    finished_g: out.piece_final_g * out.pieces,
    moisture_pct: outcome.moisture_pct,
    hand_minutes: handsOf(document, prediction),
    fed: { kcal_per_piece, sides_mm, force_N, hard, blockedBy },
  };
}

/** A dough whose numbers move when any model does: its prediction stands for the models in the fingerprint. */
const PROBE: BatchDocument = {
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: {
    ingredients: [
      { ingredient: 'flour_wheat_wholemeal', amount: 300, unit: 'g' },
      { ingredient: 'egg_whole', amount: 1, unit: 'each' },
      { ingredient: 'pumpkin_puree', amount: 0.5, unit: 'cup-us' },
      { ingredient: 'chicken_mince', amount: 80, unit: 'g' },
    ],
  },
  shape: { method: 'roll-and-cut' },
  heat: {
    steps: [
      { do: 'hold', setpoint_c: 175, minutes: 25 },
      { do: 'off', minutes: 40 },
    ],
  },
};

/** The shipped rows in one order of rows and keys, whether they come from the file or from the database. */
const shippedRows = (pantry: Pantry): unknown[] =>
  [...pantry.values()]
    .filter(({ own }) => !own)
    .sort((a, b) => (a.id < b.id ? -1 : 1))
    .map((row) => Object.entries(row).sort(([a], [b]) => (a < b ? -1 : 1)));

/** Which models and which shipped table cards are worked out with: another fingerprint makes the old cards stale. */
export function fingerprint(pantry: Pantry): string {
  const probe = predict(PROBE, { pantry }, 'light');
  // The card's own make-up counts as well: a card of an older make-up is made anew.
  const numbers = probe.ok ? [addBand(probe.value, 1), cardFrom(PROBE, probe.value)] : probe;
  return createHash('sha256')
    .update(JSON.stringify([numbers, shippedRows(pantry)]))
    .digest('hex')
    .slice(0, 16);
}
