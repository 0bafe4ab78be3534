import { AN_OVEN, SHADED_IN_STILL_AIR, type ApplianceRecord } from '../appliance-record';

/** Burning a joule of natural gas gives so much water vapour: 2.25 kg of water per kg of methane, 50 MJ/kg. Source: stoichiometry and the net calorific value of methane (ISO 6976, 2016). */
const GAS_STEAM_KG_PER_J = 2.25 / 50e6;

/**
 * A flue cannot be shut: much air goes through, and the burner's own steam with it.
 *
 * Source: ours, engineering estimates.
 */
export const GAS_OVEN = {
  kind: 'gas-oven',
  name: 'gas oven',
  ...AN_OVEN,
  shelves: 2,
  crowding: SHADED_IN_STILL_AIR,
  // Below its lowest mark a burner cannot hold a flame.
  dial_c: [110, 230],
  place: {
    kind: 'chamber',
    chamber: {
      capacity_J_per_K: 9000,
      loss_W_per_K: 3,
      walls: { capacity_J_per_K: 14000, conductance_W_per_K: 4.5 },
      heater_W: 2700,
      vent_kg_per_s: 0.005,
      ventAjar_kg_per_s: 0.012,
      lossAjar_W_per_K: 6,
      lossOpen_W_per_K: 50,
      air_kg: 0.06,
      convectionTop_W_per_m2_K: 12,
      convectionBottom_W_per_m2_K: 10,
      natural: true,
      radiativeView: 0.9,
      trayScatter: 0.18,
      steam_kg_per_J: GAS_STEAM_KG_PER_J,
      plates: null,
    },
  },
} as const satisfies ApplianceRecord;
