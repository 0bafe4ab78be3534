import type { BatchDocument, Heat } from './document';
import type { Shape } from '../catalogue';
import type { Method } from './methods';

/** Shape and programme that a new recipe of a method starts from; every number is there to be changed. */
type Start = { readonly shape: Shape; readonly heat: Heat };

const rolled = (thickness_mm: number): Shape => ({
  method: 'roll-and-cut',
  thickness_mm,
  cutter: { outline: 'circle', length_mm: 50 },
});
const slab = (thickness_mm: number, side_mm: number): Shape => ({
  method: 'score-slab',
  thickness_mm,
  piece_width_mm: side_mm,
  piece_length_mm: side_mm,
});

/** Programmes that suit a household oven. Source: ours, tried on the model's usual doughs. */
const STARTS: Record<Method, Start> = {
  M1: { shape: rolled(5), heat: { steps: [{ do: 'hold', setpoint_c: 165, minutes: 45 }] } },
  M2: {
    shape: rolled(6),
    heat: { steps: [{ do: 'hold', setpoint_c: 175, minutes: 26 }, { do: 'turn' }, { do: 'hold', setpoint_c: 110, minutes: 70 }] },
  },
  M3: {
    shape: rolled(6),
    heat: {
      steps: [
        { do: 'hold', setpoint_c: 170, minutes: 35 },
        { do: 'off', minutes: 240 },
      ],
    },
  },
  M4: {
    shape: rolled(5),
    heat: {
      steps: [
        { do: 'hold', setpoint_c: 150, minutes: 35 },
        { do: 'brush', grams: 15 },
        { do: 'turn' },
        { do: 'hold', setpoint_c: 130, minutes: 90 },
      ],
    },
  },
  M5: {
    shape: slab(6, 25),
    heat: {
      steps: [{ do: 'hold', setpoint_c: 175, minutes: 25 }, { do: 'snap-apart' }, { do: 'hold', setpoint_c: 110, minutes: 120 }],
    },
  },
  M6: { shape: slab(12, 12), heat: { steps: [{ do: 'hold', setpoint_c: 160, minutes: 30 }] } },
  M7: {
    shape: { method: 'drop', piece_g: 10, height_mm: 9 },
    heat: { steps: [{ do: 'hold', setpoint_c: 180, minutes: 20 }] },
  },
  M8: {
    shape: { method: 'ball', diameter_mm: 18 },
    heat: {
      steps: [{ do: 'hold', setpoint_c: 175, minutes: 25 }, { do: 'stir' }, { do: 'hold', setpoint_c: 105, minutes: 120 }],
    },
  },
  M9: { shape: { method: 'mat' }, heat: { steps: [{ do: 'hold', setpoint_c: 165, minutes: 25 }] } },
  M10: {
    shape: { method: 'log-slice', log_diameter_mm: 40, slice_mm: 6 },
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 28 }, { do: 'turn' }, { do: 'hold', setpoint_c: 110, minutes: 70 }] },
  },
  M11: { shape: { method: 'cup' }, heat: { steps: [{ do: 'hold', setpoint_c: 180, minutes: 24 }] } },
  M12: { shape: { method: 'cake' }, heat: { steps: [{ do: 'hold', setpoint_c: 175, minutes: 38 }] } },
  M13: {
    shape: { method: 'slice', thickness_mm: 4, diameter_mm: 70, ends_pct: 4 },
    heat: {
      appliance: { kind: 'fan-oven' },
      base: 'wire-rack',
      steps: [
        { do: 'hold', setpoint_c: 160, minutes: 15 },
        { do: 'move', appliance: { kind: 'dehydrator' } },
        { do: 'hold', setpoint_c: 72, minutes: 110 },
        { do: 'turn' },
        { do: 'rotate-trays' },
        { do: 'hold', setpoint_c: 70, minutes: 110 },
      ],
    },
  },
  M14: {
    shape: { method: 'slice', thickness_mm: 6, diameter_mm: 65, core_mm: 22 },
    heat: {
      appliance: { kind: 'dehydrator' },
      steps: [{ do: 'hold', setpoint_c: 70, minutes: 120 }, { do: 'turn' }, { do: 'hold', setpoint_c: 60, minutes: 300 }],
    },
  },
  M15: {
    shape: { method: 'slice', thickness_mm: 2.5, diameter_mm: 80, peel_mm: 3 },
    heat: {
      appliance: { kind: 'dehydrator' },
      steps: [
        { do: 'hold', setpoint_c: 72, minutes: 120 },
        { do: 'hold', setpoint_c: 62, minutes: 420 },
      ],
    },
  },
  M16: {
    shape: { method: 'cube', edge_mm: 12, offcuts_pct: 4 },
    heat: {
      appliance: { kind: 'fan-oven' },
      steps: [
        { do: 'hold', setpoint_c: 160, minutes: 14 },
        { do: 'cool', minutes: 30 },
        { do: 'move', appliance: { kind: 'freeze-dryer' } },
        { do: 'freeze', minutes: 300, freezer_c: -28 },
        { do: 'freeze-dry', minutes: 1080 },
      ],
    },
  },
  M17: {
    shape: { method: 'frozen-mould', fill_fraction: 0.9 },
    heat: { appliance: { kind: 'freezer' }, steps: [{ do: 'freeze', minutes: 780 }] },
  },
  M18: {
    shape: rolled(6),
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }, { do: 'turn' }, { do: 'hold', setpoint_c: 105, minutes: 90 }] },
  },
  M19: {
    shape: rolled(4),
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 25 }, { do: 'turn' }, { do: 'hold', setpoint_c: 110, minutes: 60 }] },
  },
  M20: {
    shape: { method: 'cube', edge_mm: 20, offcuts_pct: 4 },
    heat: { appliance: { kind: 'contact-grill' }, steps: [{ do: 'hold', setpoint_c: 190, minutes: 6 }] },
  },
};

/** An empty recipe of a method, with a shape and a programme to begin with. */
export const startingPoint = (method: Method): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: { method, ingredients: [] },
  ...STARTS[method],
});
