import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/**
 * A pan on the hob: one hot face, with or without a lid. Its "air" is its metal, and the dial is told as the metal's heat.
 *
 * Source: ours, engineering estimates for 28 cm of steel, 1.5 kg, on a plate of 1.5 kW; contact from Housova & Topinka 1985
 * (200-1200 W/(m2 K) on patties), at the low end since nothing presses.
 */
export const HOB_PAN = {
  kind: 'hob-pan',
  name: 'pan on the hob',
  ...AN_OVEN,
  does: ['hold', 'ramp', 'off', 'cool', 'chill', 'freeze', 'turn', 'stir', 'brush', 'check', 'move'],
  onlyDoes: 'A pan on the hob heats, and its pieces are turned, stirred or brushed in it.',
  firstSteps: [{ do: 'hold', setpoint_c: 160, minutes: 5 }, { do: 'turn' }, { do: 'hold', setpoint_c: 160, minutes: 5 }],
  base: 'plates',
  nothingElse: 'Nothing lies between a pan and what is fried in it. Leave the base out.',
  takesTrays: false,
  floor_mm: { width_mm: 250, depth_mm: 250 },
  dial_c: [90, 230],
  usual_c: 160,
  likeAnOven: null,
  machine: { kind: 'oven', tolerance_K: 5, cools_K_per_min: 8 },
  // What steams under a lid stays there: the air is near boiling and full of it.
  lid: {
    vent_kg_per_s: 0.0004,
    ventAjar_kg_per_s: 0.002,
    air_kg: 0.004,
    plates: { contact_W_per_m2_K: 200, breathing: 0.3, airAbove: 0.6 },
  },
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 1400,
      loss_W_per_K: 2.5,
      walls: null,
      heater_W: 1500,
      // The air that rises from it carries heat and steam away.
      vent_kg_per_s: 0.003,
      ventAjar_kg_per_s: 0.003,
      lossAjar_W_per_K: 0,
      lossOpen_W_per_K: 0,
      air_kg: 0.02,
      convectionTop_W_per_m2_K: 6,
      convectionBottom_W_per_m2_K: 6,
      natural: false,
      radiativeView: 0.9,
      trayScatter: 0,
      steam_kg_per_J: 0,
      plates: { contact_W_per_m2_K: 200, breathing: 0.3, airAbove: 0.2 },
    },
  },
} as const satisfies ApplianceRecord;
