import { CORE_TARGET_C } from '../cautions';
import { COLOUR_STARTS } from '../heat';
import { criticalAw } from '../texture';
import { clockMinute } from './bake';
import { FROZEN_C, finishOf } from './finish';
import type { Worked } from './predict';

/** When something worth knowing is reached; null when the programme ends before. Hot enough is what poultry asks for, the most of all. */
export type Reached = {
  readonly what: 'frozen-through' | 'hot-enough' | 'heart-dry' | 'snaps-when-cold' | 'golden' | 'too-dark';
  readonly minute: number | null;
};

/** Snap from which a piece is said to snap. Source: ours. */
const SNAPS_FROM = 7;

/** Snap at every recorded moment, and when each thing worth knowing is reached. */
export function momentsOf({ bake, heat, dough, out }: Worked): { snaps: number[]; reached: Reached[] } {
  const critical = criticalAw(dough.composition);
  const finishes = bake.frames.map((frame) => finishOf(frame, bake.profiles.at(frame.row), bake.shares, dough, out));
  const snaps = finishes.map(({ snap }) => snap);
  /** From here to the end it stays true. */
  const forGood = (holds: (index: number) => boolean): number | null => {
    let from: number | null = null;
    for (let i = bake.frames.length - 1; i >= 0 && holds(i); i--) from = i;
    return from === null ? null : clockMinute(heat, bake.frames[from].time_s);
  };
  const first = (holds: (index: number) => boolean): number | null => {
    const found = bake.frames.findIndex((_, i) => holds(i));
    return found < 0 ? null : clockMinute(heat, bake.frames[found].time_s);
  };
  if (!heat.chamber)
    return { snaps, reached: [{ what: 'frozen-through', minute: first((i) => bake.frames[i].core_c < FROZEN_C) }] };
  return {
    snaps,
    reached: [
      { what: 'hot-enough', minute: first((i) => bake.frames[i].core_c >= CORE_TARGET_C.poultry) },
      { what: 'golden', minute: first((i) => bake.frames[i].browningEdge >= COLOUR_STARTS.golden) },
      { what: 'heart-dry', minute: forGood((i) => finishes[i].coreAw < critical) },
      { what: 'snaps-when-cold', minute: forGood((i) => snaps[i] >= SNAPS_FROM) },
      { what: 'too-dark', minute: first((i) => bake.frames[i].browningEdge >= COLOUR_STARTS.dark) },
    ],
  };
}
