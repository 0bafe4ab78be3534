import type { RecipePart } from '@/core/document';

/** How a part says how much of it ends on the treats. */
export type AmountWay = 'usual' | 'grams' | 'grams_per_piece' | 'share_of_dough_pct' | 'thickness_mm' | 'coats';

export const AMOUNT_WAYS: ReadonlyArray<{ readonly value: AmountWay; readonly name: string }> = [
  { value: 'usual', name: 'as it comes' },
  { value: 'grams', name: 'grams on all' },
  { value: 'grams_per_piece', name: 'grams on each' },
  { value: 'share_of_dough_pct', name: 'share of the dough' },
  { value: 'thickness_mm', name: 'so thick' },
  { value: 'coats', name: 'coats' },
];

/** What each way starts from. Source: ours, thin washes and dips. */
const STARTS: Record<Exclude<AmountWay, 'usual'>, number> = {
  grams: 50,
  grams_per_piece: 1,
  share_of_dough_pct: 8,
  thickness_mm: 1,
  coats: 1,
};

export const wayOf = (part: RecipePart): AmountWay =>
  AMOUNT_WAYS.find(({ value }) => value !== 'usual' && part[value] !== undefined)?.value ?? 'usual';

/** The same part saying its amount another way; `now` is what that way would say of it as it is. */
export function amountBy(part: RecipePart, way: AmountWay, now?: number): RecipePart {
  const { grams: _g, grams_per_piece: _p, share_of_dough_pct: _s, thickness_mm: _t, coats: _c, ...rest } = part;
  if (way === 'usual') return rest;
  const value = now !== undefined && now > 0 ? Math.round(now * 10) / 10 : STARTS[way];
  return { ...rest, [way]: way === 'coats' ? Math.max(1, Math.round(value)) : value };
}
