import type { BatchDocument, Heat } from './document';
import type { Shape } from './shapes';
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
const STARTS = {
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
  M18: {
    shape: rolled(6),
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }, { do: 'turn' }, { do: 'hold', setpoint_c: 105, minutes: 90 }] },
  },
  M19: {
    shape: rolled(4),
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 25 }, { do: 'turn' }, { do: 'hold', setpoint_c: 110, minutes: 60 }] },
  },
} as const satisfies Partial<Record<Method, Start>>;

/** The methods that can be worked from the bowl to the jar. */
export const STARTING_METHODS = Object.keys(STARTS) as ReadonlyArray<keyof typeof STARTS>;

/** An empty recipe of a method, with a shape and a programme to begin with. */
export const startingPoint = (method: (typeof STARTING_METHODS)[number]): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: { method, ingredients: [] },
  ...STARTS[method],
});
