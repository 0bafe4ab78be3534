import type { PackChoice } from '@/core/catalogue';
import { applyEdit, editTo, valueAt, type BatchDocument, type Path } from '@/core/document';
import type { Edits } from '../use-batch';

/** Where a change of one portion's view belongs in the whole document, and what stands there then. */
type Placed = { readonly path: Path; readonly after: unknown };

/**
 * Puts a change that was made looking at one portion where it belongs: its own shape, programme and packs stand with the portion,
 * all else with the batch.
 */
export function placedIn(whole: BatchDocument, at: number, path: Path, after: unknown): Placed {
  const portion = whole.portions?.[at];
  const [first] = path;
  if (!portion) return { path, after };
  if (first === 'shape') {
    if (portion.shape) return { path: ['portions', at, ...path], after };
    if (at === 0) return { path, after };
    // It was shaped as the batch is: from now on it has a shape of its own.
    const own = applyEdit({ shape: whole.shape }, editTo({ shape: whole.shape }, path, after));
    return { path: ['portions', at, 'shape'], after: own.shape };
  }
  if (first === 'set_aside' || (first === 'heat' && portion.heat)) return { path: ['portions', at, ...path], after };
  if (first === 'pack') {
    const shown = packsOf(whole, portion.name);
    const next = applyEdit({ pack: shown }, editTo({ pack: shown }, path, after)).pack as readonly PackChoice[] | undefined;
    const others = (whole.pack ?? []).filter((one) => !shown.includes(one) || one.portion === undefined);
    return { path: ['pack'], after: [...others, ...(next ?? []).map((one) => ({ ...one, portion: portion.name }))] };
  }
  return { path, after };
}

/** Packs of one portion: its own, or those of the batch that name none. */
function packsOf({ pack = [] }: BatchDocument, name: string): readonly PackChoice[] {
  const own = pack.filter(({ portion }) => portion === name);
  return own.length > 0 ? own : pack.filter(({ portion }) => portion === undefined);
}

/** How much of the recipe a portion shall be, how much it is, and which share of the bowl [1]. */
type Scaled = { readonly factor: number; readonly was: number; readonly share: number };
const rounded = (value: number): number => Number(value.toFixed(3));

/** A portion is made larger with its bowl; one that takes so many grams of it whatever it holds takes more of them. */
function scaledTo({ portions = [] }: BatchDocument, at: number, { factor, was, share }: Scaled): Placed {
  const { dough_g } = portions[at];
  if (dough_g === undefined) return { path: ['scale'], after: { by: 'factor', factor: rounded(factor / share) } };
  return { path: ['portions', at, 'dough_g'], after: rounded((dough_g * factor) / was) };
}

/**
 * Edits as a bench makes them that looks at one portion.
 *
 * @param shareOf - which share of the bowl it is now [0..1]
 */
export function portionEdits(edits: Edits, at: number, shown: () => BatchDocument, shareOf: () => number): Edits {
  const set: Edits['set'] = (path, after) => {
    const was = shown().scale;
    const placed =
      path[0] === 'scale' && isFactor(after) && was?.by === 'factor'
        ? scaledTo(edits.newest(), at, { factor: after.factor, was: was.factor, share: shareOf() })
        : placedIn(edits.newest(), at, path, after);
    edits.set(placed.path, placed.after);
  };
  return {
    set,
    change: (path, next) => set(path, next(valueAt(OWN.has(String(path[0])) ? shown() : edits.newest(), path) as never)),
    newest: () => edits.newest(),
    undo: () => edits.undo(),
    redo: () => edits.redo(),
    begin: (document) => edits.begin(document),
  };
}

const isFactor = (after: unknown): after is { readonly by: 'factor'; readonly factor: number } =>
  typeof after === 'object' && after !== null && 'factor' in after;

/** What a portion may have of its own. */
const OWN: ReadonlySet<string> = new Set(['shape', 'heat', 'pack', 'set_aside']);
