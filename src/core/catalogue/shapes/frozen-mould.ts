import type { ShapeRecord } from '../shape-record';
import { hollows } from './shape-fields';

/** Frozen in moulds. */
export const FROZEN_MOULD = {
  method: 'frozen-mould',
  fields: {
    ...hollows({ ml: 15, cavities: 15, height_mm: 20 }),
  },
  mixture: 'dough',
  handles: [],
  looseOnTray: false,
  base: null,
  seconds_per_piece: 6,
  thicknessSpread: 0.04,
} as const satisfies ShapeRecord;
