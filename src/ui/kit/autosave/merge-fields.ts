import { same } from './same';

/**
 * Makes one of two changed versions, field by field: each side's changes stand where the other left the field alone. Null
 * when both changed the same field to different values.
 */
export const mergeFields = <T extends object>(base: T, mine: T, theirs: T): T | null => {
  const merged: T = { ...theirs };
  for (const field of new Set([...Object.keys(base), ...Object.keys(mine)]) as Set<keyof T>) {
    if (same(mine[field], base[field]) || same(mine[field], theirs[field])) continue;
    if (!same(theirs[field], base[field])) return null;
    if (mine[field] === undefined) delete merged[field];
    else merged[field] = mine[field];
  }
  return merged;
};
