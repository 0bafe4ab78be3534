import type { HeatStep } from '../catalogue';

/** Hands at what happens in an oven [min]. Source: ours. */
export const LOAD = 3;
export const UNLOAD = 3;
export const EVENT_MINUTES: Partial<Record<HeatStep['do'], number>> = {
  turn: 4,
  stir: 3,
  brush: 5,
  coat: 12,
  score: 4,
  cut: 8,
  'snap-apart': 8,
  'turn-out': 4,
  'rotate-trays': 2,
  check: 1,
};

/** What hands do before the heat [min]: weighing and mixing by lines. Source: ours. */
export const mixMinutes = (lines: number): number => 10 + 2 * lines;

/** Packing and labelling so many packs [min]. Source: ours. */
export const packMinutes = (packs: number): number => Math.max(4, Math.round(2 * Math.min(packs, 20) + 2));
