/** What a save left: the revision that stands there now, and since when. */
export type SavedRow = { readonly revision: number; readonly updated_at: Date };

/**
 * Over which revision something is saved: exactly this one (0 where there is none yet), or whichever stands there. A save
 * over another one writes nothing.
 */
export type Over = number | 'any';

/** As a query takes it. */
export const overParameter = (over: Over): number | null => (over === 'any' ? null : over);
