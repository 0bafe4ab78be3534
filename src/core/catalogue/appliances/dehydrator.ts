import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/**
 * Warm air over mesh trays; full to the top it moves less air over each.
 *
 * Source: ours, engineering estimates; wind of 1.5 m/s over a 60 mm slice, laminar plate: 19 W/(m2 K) (Incropera 2007).
 */
export const DEHYDRATOR = {
  kind: 'dehydrator',
  name: 'dehydrator',
  ...AN_OVEN,
  firstSteps: [{ do: 'hold', setpoint_c: 65, minutes: 180 }],
  shelves: 5,
  crowding: { from: 7, share: 0.7 },
  base: 'mesh',
  takesTrays: false,
  dial_c: [35, 75],
  usual_c: 60,
  likeAnOven: null,
  waitedFor: false,
  drier: true,
  machine: { kind: 'dehy', tolerance_K: 3, cools_K_per_min: 5 },
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 2500,
      loss_W_per_K: 2.5,
      walls: null,
      heater_W: 500,
      vent_kg_per_s: 0.005,
      ventAjar_kg_per_s: 0.005,
      lossAjar_W_per_K: 0,
      lossOpen_W_per_K: 15,
      air_kg: 0.03,
      convectionTop_W_per_m2_K: 20,
      convectionBottom_W_per_m2_K: 17,
      natural: false,
      radiativeView: 0.35,
      trayScatter: 0.2,
      steam_kg_per_J: 0,
      plates: null,
    },
  },
} as const satisfies ApplianceRecord;
