import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/**
 * An oven that stirs its air.
 *
 * Source: ours, engineering estimates; convection from Carson, Willix & North 2006 (total 20-40 fan).
 */
export const FAN_OVEN = {
  kind: 'fan-oven',
  name: 'fan oven',
  ...AN_OVEN,
  shelves: 3,
  dial_c: [50, 220],
  likeAnOven: 'moving-air',
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 9000,
      loss_W_per_K: 2.8,
      walls: { capacity_J_per_K: 14000, conductance_W_per_K: 4.5 },
      heater_W: 2400,
      vent_kg_per_s: 0.003,
      ventAjar_kg_per_s: 0.014,
      lossAjar_W_per_K: 6,
      lossOpen_W_per_K: 55,
      air_kg: 0.06,
      convectionTop_W_per_m2_K: 18,
      convectionBottom_W_per_m2_K: 12,
      natural: false,
      radiativeView: 0.95,
      trayScatter: 0.06,
      steam_kg_per_J: 0,
      plates: null,
    },
  },
} as const satisfies ApplianceRecord;
