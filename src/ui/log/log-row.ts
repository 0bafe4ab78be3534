import type { LogEntryView } from '@/contract/log';

/** Which batches are shown. */
export type LogFilter = {
  readonly words: string;
  readonly recipe: string;
  readonly oven: string;
  readonly state: 'all' | 'planned' | 'baked' | 'outside';
};
export const EVERYTHING: LogFilter = { words: '', recipe: '', oven: '', state: 'all' };

/** Batches that every wish lets through; words are looked for in name, recipe, note and what the dogs said. */
export function filtered(rows: readonly LogEntryView[], { words, recipe, oven, state }: LogFilter): readonly LogEntryView[] {
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
export const namesIn = (rows: readonly LogEntryView[], key: 'recipe' | 'oven'): string[] =>
  [...new Set(rows.flatMap((row) => row[key] ?? []))].sort((a, b) => a.localeCompare(b));
