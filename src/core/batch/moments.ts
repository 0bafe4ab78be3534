import { criticalAw } from '../texture';
import { clockMinute } from './bake';
import { finishOf } from './finish';
import type { Worked } from './predict';

/** When something worth knowing is reached for good; null when the programme ends before. */
export type Reached = {
  readonly what: 'hot-enough' | 'heart-dry' | 'snaps-when-cold' | 'golden' | 'too-dark';
  readonly minute: number | null;
};

/** A core this hot ends what raw egg and red meat can carry; poultry asks for three degrees more (USDA-FSIS). */
const HOT_ENOUGH_C = 74;
const SNAPS_FROM = 7;
/** Browning where the colour words turn golden and dark. */
const GOLDEN_FROM = 0.15;
const DARK_FROM = 0.45;

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
  return {
    snaps,
    reached: [
      { what: 'hot-enough', minute: first((i) => bake.frames[i].core_c >= HOT_ENOUGH_C) },
      { what: 'golden', minute: first((i) => bake.frames[i].browningEdge >= GOLDEN_FROM) },
      { what: 'heart-dry', minute: forGood((i) => finishes[i].coreAw < critical) },
      { what: 'snaps-when-cold', minute: forGood((i) => snaps[i] >= SNAPS_FROM) },
      { what: 'too-dark', minute: first((i) => bake.frames[i].browningEdge >= DARK_FROM) },
    ],
  };
}
