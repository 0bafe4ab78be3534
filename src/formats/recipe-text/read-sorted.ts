import { GRAVITY, findDangers } from '@/core/dangers';
import type { Pantry } from '@/core/pantry';
import { listedInSteps } from './listed-in-steps';
import { readMakes } from './makes';
import type { ReadingHabits } from './measure';
import { methodFrom } from './method-from';
import { settledRole, type ReadPart } from './part-heading';
import { readProgramme } from './programme/read-programme';
import { readLine } from './read-line';
import type { ReadCaution, ReadIngredient, ReadRecipe } from './read-recipe';
import type { ReadingChoice } from './reading-choice';
import { readShape } from './shape/read-shape';
import type { SortedItem, SortedText } from './sort-lines';
import { readStores } from './stores';
import { sentencesOf } from './tidy-lines';
import { whoseCups } from './whose-cups';

/** Reads what the sorted lines of a recipe mean; `whole` are all its words, for what only they tell. */
export function readSorted(sorted: SortedText, whole: string, pantry: Pantry, choice: ReadingChoice): ReadRecipe {
  const { name, steps, said } = sorted;
  const { measures, ...cups } = whoseCups(whole, choice.measures, choice.usual);
  const habits: ReadingHabits = {
    measures,
    sizes: choice.sizes ?? (measures === 'us' ? 'US' : 'UK'),
    fill: choice.fill ?? 'unknown',
  };
  const items = [...sorted.items, ...listedInSteps(steps, sorted.items, pantry)];
  const parts = partsOf(items, steps);
  const ingredients = items.map((item) => ingredientOf(item, parts, pantry, habits));
  const usual = measures === 'us' ? 'F' : 'C';
  const programme = readProgramme(steps, usual) ?? readProgramme(said, usual);
  const texts = [...steps, ...said];
  const shape = readShape({
    text: [name, ...texts].join('. '),
    name,
    list: items.map(({ text }) => text).join('. '),
    texts: [...steps, ...said, ...items.map(({ text }) => text)],
    floury: isFloury(ingredients, pantry),
    onlyCold: programme !== null && programme.steps.every(({ do: step }) => step === 'freeze' || step === 'chill'),
  });
  return {
    name,
    cups,
    parts,
    ingredients,
    steps,
    said,
    programme,
    shape,
    makes: readMakes([...said, ...steps, ...whole.split('\n').slice(0, 2)], sentencesOf),
    stores: readStores(texts, sentencesOf),
    method: methodFrom({ shape, programme, ingredients, pantry }),
    cautions: cautionsOf(name, ingredients, texts),
  };
}

/** Each part once, its role settled by what the steps do with it. */
function partsOf(items: readonly SortedItem[], steps: readonly string[]): ReadPart[] {
  const parts = new Map<string, ReadPart>();
  for (const { part } of items) if (part && !parts.has(part.name)) parts.set(part.name, part);
  return [...parts.values()].map((part) => {
    const lines = items.filter((item) => item.part?.name === part.name).map(({ text }) => text);
    return { name: part.name, role: settledRole(part, steps, lines) };
  });
}

function ingredientOf(
  { text, part }: SortedItem,
  parts: readonly ReadPart[],
  pantry: Pantry,
  habits: ReadingHabits,
): ReadIngredient {
  const dangers = findDangers(text);
  const gravest = [...dangers].sort((a, b) => GRAVITY[b.severity] - GRAVITY[a.severity])[0];
  const known = part ? parts.find(({ name }) => name === part.name) : undefined;
  return { ...readLine(text, pantry, habits), part: known?.name ?? null, danger: gravest?.code ?? null };
}

/** Every danger of the name, the lines and the steps, the gravest first. */
function cautionsOf(name: string, ingredients: readonly ReadIngredient[], texts: readonly string[]): ReadCaution[] {
  const lines = [name, ...ingredients.map(({ line }) => line), ...texts];
  const found = lines.flatMap((line) =>
    findDangers(line).map(({ code, severity, why, words }): ReadCaution => ({
      code,
      severity,
      line,
      words,
      message: `"${words}": ${why}`,
    })),
  );
  return found.sort((a, b) => GRAVITY[b.severity] - GRAVITY[a.severity]);
}

const FLOURY = new Set(['flour/meal', 'whole grain', 'starch', 'legume']);
/** Share of flour and grain from which a mix is a dough [1]. Source: ours. */
const DOUGH_FROM = 0.12;

function isFloury(ingredients: readonly ReadIngredient[], pantry: Pantry): boolean {
  let all_g = 0;
  let flour_g = 0;
  for (const { grams, ingredient } of ingredients) {
    if (grams === null) continue;
    all_g += grams;
    const row = ingredient === null ? undefined : pantry.get(ingredient);
    if (row && (FLOURY.has(row.category) || /flour|meal|starch/i.test(row.name))) flour_g += grams;
  }
  const named = ingredients.some(({ line }) => /\bflour\b|\boats\b|\bmeal\b/i.test(line));
  return all_g > 0 ? flour_g / all_g > DOUGH_FROM || (flour_g === 0 && named) : named;
}
