import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/**
 * A small chamber with a strong fan.
 *
 * Source: ours, engineering estimates; forced convection in hot-air fryers 35-60 W/(m2 K).
 */
export const AIR_FRYER = {
  kind: 'air-fryer',
  name: 'air fryer',
  ...AN_OVEN,
  base: 'mesh',
  takesTrays: false,
  dial_c: [80, 200],
  likeAnOven: 'moving-air',
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 1800,
      loss_W_per_K: 2,
      walls: null,
      heater_W: 1500,
      vent_kg_per_s: 0.004,
      ventAjar_kg_per_s: 0.01,
      lossAjar_W_per_K: 5,
      lossOpen_W_per_K: 20,
      air_kg: 0.006,
      convectionTop_W_per_m2_K: 45,
      convectionBottom_W_per_m2_K: 30,
      natural: false,
      radiativeView: 0.9,
      trayScatter: 0.1,
      steam_kg_per_J: 0,
      plates: null,
    },
  },
} as const satisfies ApplianceRecord;
