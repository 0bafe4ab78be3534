import type { Ingredient, Pantry } from './ingredient';
import { nearWord, wordsOf } from './name-words';

/** What a written name means. */
export type Finding = {
  /** The row it means, or the best guess; null when nothing fits. */
  readonly row: Ingredient | null;
  /** False when the name leaves something open. */
  readonly sure: boolean;
  /** Words that the row's name does not explain. */
  readonly unexplained: readonly string[];
  /** Other rows that it may mean, the likeliest first. */
  readonly others: readonly Ingredient[];
};

/** Says how a thing was handled or bought, not what it is. */
const HANDLING = new Set(
  (
    'a an the of and with in into to for from some more extra about fresh freshly finely roughly coarsely thinly thickly thick thin ' +
    'fine coarse large medium small big little ripe overripe organic natural plain pure good quality best your choice favourite ' +
    'crumbled flaked chopped diced grated shredded sliced crushed peeled cored deseeded seeded trimmed washed drained rinsed beaten lightly well ' +
    'softened melted soft warm cold hot lukewarm cool cooled chilled room temperature free range boneless skinless bone less skin ' +
    'packed heaped level heaping rounded scant generous loosely firmly sifted unsifted roll rolling dusting plus unsweetened unsalted ' +
    'low no added smooth crunchy creamy runny raw whole wholegrain pitted stoned halved quartered torn picked optional ' +
    'leftover left over home made homemade shop bought ready red green yellow golden white uncooked local day old stale active ' +
    'needed required desired as frozen thawed defrosted piece bunch leave leaf sprig bit chunk cube strip floret'
  ).split(/\s+/),
);

type Name = { readonly row: Ingredient; readonly words: readonly string[]; readonly open: boolean };

/** Names by pantry: building them for every line of a recipe would be slow. */
type Known = {
  readonly names: readonly Name[];
  /** Names by their first word: few of them can fit the words of a line. */
  readonly byFirst: ReadonlyMap<string, readonly Name[]>;
  readonly vocabulary: ReadonlySet<string>;
};
const known = new WeakMap<Pantry, Known>();

function namesOf(pantry: Pantry): Known {
  const ready = known.get(pantry);
  if (ready) return ready;
  const names: Name[] = [];
  for (const row of pantry.values())
    for (const name of [row.id.replace(/_/g, ' '), row.name, ...row.otherNames])
      names.push({ row, words: [...new Set(wordsOf(name))], open: name.endsWith('?') });
  const byFirst = new Map<string, Name[]>();
  for (const name of names) if (name.words.length > 0) byFirst.set(name.words[0], [...(byFirst.get(name.words[0]) ?? []), name]);
  const made = { names, byFirst, vocabulary: new Set(names.flatMap(({ words }) => words)) };
  known.set(pantry, made);
  return made;
}

/** How much a name says: words for what a thing is count before words for how it was handled. */
const telling = ({ words }: Name): number => words.filter((word) => !HANDLING.has(word)).length + words.length / 100;

/**
 * Finds the ingredient that a written name means. A name of the pantry must be there whole; the name with the most words
 * wins. Words that are left and say more than how it was handled make the finding unsure: a wrong ingredient that nobody
 * noticed would shift every number down the line.
 */
export function findIngredient(written: string, pantry: Pantry): Finding {
  const { names, byFirst, vocabulary } = namesOf(pantry);
  const exact = pantry.get(written.trim());
  if (exact) return { row: exact, sure: true, unexplained: [], others: [] };
  const words = [...new Set(wordsOf(written))].map((word) =>
    vocabulary.has(word) || HANDLING.has(word) ? word : (nearWord(word, vocabulary) ?? word),
  );
  const there = new Set(words);
  const fitting = words.flatMap((word) => byFirst.get(word) ?? []).filter((name) => name.words.every((word) => there.has(word)));
  if (fitting.length === 0) return { row: null, sure: false, unexplained: words, others: likeliest(there, names) };
  const most = Math.max(...fitting.map(telling));
  const best = fitting.filter((name) => telling(name) === most);
  const rows = [...new Set(best.map(({ row }) => row))];
  const explained = new Set(fitting.filter(({ row }) => row === rows[0]).flatMap((name) => name.words));
  const unexplained = words.filter((word) => !explained.has(word) && !HANDLING.has(word));
  // A left-over word that names other things (the "almond" of almond milk) makes it another thing.
  const another = unexplained.some((word) => vocabulary.has(word));
  const open = best.every((name) => name.open);
  return {
    row: another || rows.length > 1 ? null : rows[0],
    sure: unexplained.length === 0 && rows.length === 1 && !open,
    unexplained,
    others: another ? likeliest(there, names) : rows.slice(rows.length > 1 ? 0 : 1),
  };
}

const FEW = 3;

/** Rows whose names share most with the words; ingredients are asked for by name, so few are enough. */
function likeliest(words: ReadonlySet<string>, names: readonly Name[]): Ingredient[] {
  const scores = new Map<Ingredient, number>();
  for (const name of names) {
    const shared = name.words.filter((word) => words.has(word) && !HANDLING.has(word)).length;
    const score = shared / (name.words.length + 1);
    if (shared > 0) scores.set(name.row, Math.max(scores.get(name.row) ?? 0, shared + score));
  }
  return [...scores]
    .sort((a, b) => b[1] - a[1])
    .slice(0, FEW)
    .map(([row]) => row);
}

/** Rows whose names contain every word begun so far, for a picker that narrows while one types; the closest first. */
export function searchPantry(typed: string, pantry: Pantry): Ingredient[] {
  const starts = wordsOf(typed);
  const { names } = namesOf(pantry);
  const scores = new Map<Ingredient, number>();
  for (const { row, words } of names) {
    if (!starts.every((start) => words.some((word) => word.startsWith(start)))) continue;
    const score = words.length + (words[0]?.startsWith(starts[0] ?? '') ? 0 : 1);
    scores.set(row, Math.min(scores.get(row) ?? Infinity, score));
  }
  return [...scores].sort((a, b) => a[1] - b[1] || a[0].name.localeCompare(b[0].name)).map(([row]) => row);
}
