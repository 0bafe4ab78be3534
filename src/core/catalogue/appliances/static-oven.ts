import { AN_OVEN, SHADED_IN_STILL_AIR, type ApplianceRecord } from '../appliance-record';

/**
 * An oven whose air only rises by itself.
 *
 * Source: ours, engineering estimates; convection from Carson, Willix & North 2006 (total 15-25 static).
 */
export const STATIC_OVEN = {
  kind: 'static-oven',
  name: 'static oven',
  ...AN_OVEN,
  shelves: 2,
  crowding: SHADED_IN_STILL_AIR,
  dial_c: [60, 230],
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 9000,
      loss_W_per_K: 2.4,
      walls: { capacity_J_per_K: 14000, conductance_W_per_K: 4.5 },
      heater_W: 2300,
      vent_kg_per_s: 0.0012,
      ventAjar_kg_per_s: 0.008,
      lossAjar_W_per_K: 5,
      lossOpen_W_per_K: 45,
      air_kg: 0.06,
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
