import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { COLOUR_STARTS } from '@/core/heat';

export type Target = NonNullable<BatchDocument['target']>;

/** What a programme is for. */
export const AIMS = [
  { value: 'crisp', name: 'crisp' },
  { value: 'moist', name: 'moist on purpose' },
  { value: 'pick', name: 'a pick comes out clean' },
] as const;
export type Aim = (typeof AIMS)[number]['value'];

const SNAPS = 7;
const STAYS_SOFT = 3;

export const aimOf = ({ snap_max, pick_clean }: Target): Aim =>
  pick_clean ? 'pick' : snap_max !== undefined ? 'moist' : 'crisp';

/** The same wishes for another aim. */
export function withAim({ snap_min, snap_max, pick_clean: _pick, ...rest }: Target, aim: Aim): Target {
  if (aim === 'crisp') return { ...rest, snap_min: snap_min ?? SNAPS };
  if (aim === 'moist') return { ...rest, snap_max: snap_max ?? STAYS_SOFT };
  return { ...rest, pick_clean: true };
}

/** What a baker most likely wants of a batch that says nothing: what it already is, crisp or moist. */
export function usualTarget({ heat, outcome }: Prediction): Target {
  if (heat.clean_minutes !== null) return { pick_clean: true };
  return outcome.snap >= SNAPS / 2 ? { snap_min: SNAPS, keeps_days_min: 28 } : { snap_max: STAYS_SOFT, keeps_days_min: 5 };
}

/** Colours that the edge may take at most. */
export const COLOURS = [
  { value: String(COLOUR_STARTS.golden), name: 'light golden' },
  { value: String(COLOUR_STARTS.brown), name: 'golden' },
  { value: '0.35', name: 'just brown' },
  { value: String(COLOUR_STARTS.dark), name: 'brown' },
] as const;

/** How sure a programme shall be, with which every wish starts. */
export const SURENESS = [
  { value: '50', name: '5 of 10 batches' },
  { value: '60', name: '6 of 10 batches' },
  { value: '80', name: '8 of 10 batches' },
  { value: '90', name: '9 of 10 batches' },
] as const;

export const PREFERENCE_NAMES = [
  { value: 'fastest', name: 'done soonest' },
  { value: 'least-energy', name: 'least energy' },
  { value: 'gentlest', name: 'gentlest' },
  { value: 'least-attention', name: 'fewest visits' },
] as const;

/** A target without a wish that was emptied. */
export function without<K extends keyof Target>(target: Target, key: K): Target {
  const { [key]: _gone, ...rest } = target;
  return rest;
}
