import type { Beside } from './MeasuredBeside';

/** A batch as the log lists it. */
export type LogRow = {
  readonly id: string;
  readonly name: string;
  readonly recipe: string | null;
  readonly oven: string | null;
  readonly baked_on: string | null;
  readonly changed_at: string;
  readonly forecast: {
    readonly pieces: number;
    readonly snap: number;
    readonly texture: string;
    readonly mass_loss_pct: number;
    readonly moisture_pct: number;
  };
  readonly measured: {
    readonly note: string;
    readonly colour: string | null;
    readonly minutes: number | null;
    readonly thickness_mm: number | null;
    readonly dogs: ReadonlyArray<{ readonly dog: string; readonly verdict: string }>;
  } | null;
  readonly comparison: {
    readonly pieces: Beside | null;
    readonly loss_pct: Beside | null;
    readonly moisture_pct: Beside | null;
    readonly texture: { readonly measured: string; readonly predicted: string; readonly same: boolean } | null;
  } | null;
};

/** Which batches are shown. */
export type LogFilter = {
  readonly words: string;
  readonly recipe: string;
  readonly oven: string;
  readonly state: 'all' | 'planned' | 'baked' | 'outside';
};
export const EVERYTHING: LogFilter = { words: '', recipe: '', oven: '', state: 'all' };

/** Batches that every wish lets through; words are looked for in name, recipe, note and what the dogs said. */
export function filtered(rows: readonly LogRow[], { words, recipe, oven, state }: LogFilter): readonly LogRow[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return rows.filter((row) => {
    const { measured, comparison } = row;
    const text = [
      row.name,
      row.recipe,
      measured?.note,
      measured?.colour,
      ...(measured?.dogs ?? []).map(({ dog, verdict }) => `${dog} ${verdict}`),
    ]
      .join(' ')
      .toLowerCase();
    if (!wanted.every((word) => text.includes(word))) return false;
    if (recipe !== '' && row.recipe !== recipe) return false;
    if (oven !== '' && row.oven !== oven) return false;
    if (state === 'planned') return row.baked_on === null;
    if (state === 'baked') return row.baked_on !== null;
    if (state === 'outside') return [comparison?.loss_pct, comparison?.pieces].some((one) => one && !one.inside);
    return true;
  });
}

/** What there is to choose from, by name. */
export const namesIn = (rows: readonly LogRow[], key: 'recipe' | 'oven'): string[] =>
  [...new Set(rows.flatMap((row) => row[key] ?? []))].sort((a, b) => a.localeCompare(b));
