import { choice, count, number } from '../../fields';
import { LAYOUT_LEVELS } from '../../shaping';
import type { ShapeRecord } from '../shape-record';
import { CUTTER, THICKNESS_LIMITS_MM, onTray } from './shape-fields';

/** How the thickness is kept, and what becomes of the last scraps. */
const THICKNESS_BY = ['guides', 'hand'] as const;
const SCRAP_USES = ['press', 'round', 'freeze'] as const;
/** A smaller cutter for the scraps of the first roll. */
const CUTTER_FOR_SCRAPS = { ...CUTTER, usual: 'none', meaning: 'a smaller cutter for the scraps of the first roll' } as const;

/** Rolled and cut. */
export const ROLL_AND_CUT = {
  method: 'roll-and-cut',
  fields: {
    thickness_mm: number('length', THICKNESS_LIMITS_MM, { default: 6, step: 0.1 }),
    thickness_by: choice(THICKNESS_BY, { default: 'hand', meaning: 'how the thickness is kept: between two guides, or by eye' }),
    cutter: CUTTER,
    mini: CUTTER_FOR_SCRAPS,
    layout: choice(LAYOUT_LEVELS, { default: 'hand' }),
    gap_mm: number('length', [0, 50], { usual: "the hand's gap, 4.5 until the kitchen knows its own", step: 0.5 }),
    edge_mm: number('length', [0, 60], { default: 8, meaning: 'ragged edge of the sheet' }),
    sheet_width_mm: number('length', [60, 1500], { default: 380, step: 10 }),
    sheet_length_mm: number('length', [60, 2500], { default: 520, step: 10 }),
    roll_width_mm: number('length', [60, 1500], {
      usual: 'as the pin likes',
      step: 10,
      meaning: 'the width that the first roll is rolled to',
    }),
    rerolls_max: count([0, 6], { default: 4 }),
    scraps: choice(SCRAP_USES, {
      default: 'press',
      meaning: 'what becomes of the last scraps: pieces pressed by hand, one round, or into the freezer',
    }),
    ...onTray(5),
  },
  mixture: 'dough',
  handles: ['rollable', 'stiff'],
  looseOnTray: true,
  base: null,
  seconds_per_piece: 5,
  thicknessSpread: 0.08,
} as const satisfies ShapeRecord;
