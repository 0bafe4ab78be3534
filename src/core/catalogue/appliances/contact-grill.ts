import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/**
 * Its "air" is its plates: they lose heat to the kitchen and to what lies between them.
 *
 * Source: ours, engineering estimates; plates from Pan, Singh & Rumsey 2000 (250-650 W/(m2 K) on meat), at their lower end for uneven pieces.
 */
export const CONTACT_GRILL = {
  kind: 'contact-grill',
  name: 'contact grill',
  ...AN_OVEN,
  firstSteps: [{ do: 'hold', setpoint_c: 190, minutes: 6 }],
  base: 'plates',
  nothingElse: 'Between the plates of a grill lies nothing else. Leave the base out, or say "plates".',
  takesTrays: false,
  dial_c: [140, 220],
  usual_c: 190,
  likeAnOven: null,
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 2800,
      loss_W_per_K: 4,
      walls: null,
      heater_W: 1800,
      vent_kg_per_s: 0.002,
      ventAjar_kg_per_s: 0.004,
      lossAjar_W_per_K: 4,
      lossOpen_W_per_K: 10,
      air_kg: 0.005,
      convectionTop_W_per_m2_K: 8,
      convectionBottom_W_per_m2_K: 8,
      natural: false,
      radiativeView: 0.5,
      trayScatter: 0,
      steam_kg_per_J: 0,
      plates: { contact_W_per_m2_K: 250, breathing: 0.3, airAbove: null },
    },
  },
} as const satisfies ApplianceRecord;
