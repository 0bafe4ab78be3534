import { AN_OVEN, SHADED_IN_STILL_AIR, type ApplianceRecord } from '../appliance-record';

/**
 * An oven for the worktop.
 *
 * Source: ours, engineering estimates.
 */
export const SMALL_OVEN = {
  kind: 'small-oven',
  name: 'small oven',
  ...AN_OVEN,
  crowding: SHADED_IN_STILL_AIR,
  dial_c: [90, 220],
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 3200,
      loss_W_per_K: 2.2,
      walls: { capacity_J_per_K: 5000, conductance_W_per_K: 3.5 },
      heater_W: 1400,
      vent_kg_per_s: 0.001,
      ventAjar_kg_per_s: 0.008,
      lossAjar_W_per_K: 6,
      lossOpen_W_per_K: 25,
      air_kg: 0.02,
      convectionTop_W_per_m2_K: 10,
      convectionBottom_W_per_m2_K: 10,
      natural: true,
      radiativeView: 0.95,
      trayScatter: 0.12,
      steam_kg_per_J: 0,
      plates: null,
    },
  },
} as const satisfies ApplianceRecord;
