import { AIR_J_PER_KG_K } from './water-vapour';

/** A chamber that holds the piece: heat capacities, losses and how it moves heat and air. Values [eng] unless said. */
export type Chamber = {
  /** Effective heat capacity of walls and air [J/K], wall loss [W/K], heater [W]. */
  readonly capacity_J_per_K: number;
  readonly loss_W_per_K: number;
  readonly heater_W: number;
  /** Dry air exchanged, door shut and ajar [kg/s]; extra loss ajar and wide open [W/K]. */
  readonly vent_kg_per_s: number;
  readonly ventAjar_kg_per_s: number;
  readonly lossAjar_W_per_K: number;
  readonly lossOpen_W_per_K: number;
  /** Air in it that stores vapour [kg]. */
  readonly air_kg: number;
  /** Convective coefficients [W/(m2 K)]; total 15-25 static, 20-40 fan (Carson, Willix & North 2006). */
  readonly convectionTop_W_per_m2_K: number;
  readonly convectionBottom_W_per_m2_K: number;
  /** True when nothing stirs the air, so that convection follows the temperature difference. */
  readonly natural: boolean;
  /** How much of the walls the piece sees [1]. */
  readonly radiativeView: number;
  /** How far the air movement on the best and on the worst tray lies from the mean of several [1]. */
  readonly trayScatter: number;
  /** Water vapour that the burner itself gives to the chamber [kg/J of heat]; 0 where nothing burns. */
  readonly steam_kg_per_J: number;
  /** Hot plates that press on both faces: heat into the piece, and how freely steam gets out there; null for air. */
  readonly plates: { readonly contact_W_per_m2_K: number; readonly breathing: number } | null;
};

export type ChamberKind = 'static-oven' | 'fan-oven' | 'small-oven' | 'gas-oven' | 'dehydrator' | 'contact-grill' | 'air-fryer';

/** Burning a joule of natural gas gives so much water vapour: 2.25 kg of water per kg of methane, 50 MJ/kg. */
const GAS_STEAM_KG_PER_J = 2.25 / 50e6;

/**
 * Source: ours, engineering estimates; convection from Carson, Willix & North 2006, static raised to 10.8 after comparison
 * with bakes; plates from Pan, Singh & Rumsey 2000 (250-650 W/(m2 K) on meat), at their lower end for uneven pieces.
 */
export const CHAMBERS: Record<ChamberKind, Chamber> = {
  'static-oven': {
    capacity_J_per_K: 10000,
    loss_W_per_K: 2.4,
    heater_W: 2300,
    vent_kg_per_s: 0.0012,
    ventAjar_kg_per_s: 0.008,
    lossAjar_W_per_K: 5,
    lossOpen_W_per_K: 45,
    air_kg: 0.06,
    convectionTop_W_per_m2_K: 10.8,
    convectionBottom_W_per_m2_K: 10.8,
    natural: true,
    radiativeView: 0.95,
    trayScatter: 0.12,
    steam_kg_per_J: 0,
    plates: null,
  },
  'fan-oven': {
    capacity_J_per_K: 10000,
    loss_W_per_K: 2.8,
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
  'small-oven': {
    capacity_J_per_K: 3500,
    loss_W_per_K: 2.2,
    heater_W: 1400,
    vent_kg_per_s: 0.001,
    ventAjar_kg_per_s: 0.008,
    lossAjar_W_per_K: 6,
    lossOpen_W_per_K: 25,
    air_kg: 0.02,
    convectionTop_W_per_m2_K: 9,
    convectionBottom_W_per_m2_K: 9,
    natural: true,
    radiativeView: 0.95,
    trayScatter: 0.12,
    steam_kg_per_J: 0,
    plates: null,
  },
  // A flue cannot be shut: much air goes through, and the burner's own steam with it.
  'gas-oven': {
    capacity_J_per_K: 10000,
    loss_W_per_K: 3,
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
  dehydrator: {
    capacity_J_per_K: 2500,
    loss_W_per_K: 2.5,
    heater_W: 500,
    vent_kg_per_s: 0.005,
    ventAjar_kg_per_s: 0.005,
    lossAjar_W_per_K: 0,
    lossOpen_W_per_K: 15,
    air_kg: 0.03,
    convectionTop_W_per_m2_K: 14,
    convectionBottom_W_per_m2_K: 12,
    natural: false,
    radiativeView: 0.35,
    trayScatter: 0.2,
    steam_kg_per_J: 0,
    plates: null,
  },
  // Its "air" is its plates: they lose heat to the kitchen and to what lies between them.
  'contact-grill': {
    capacity_J_per_K: 2800,
    loss_W_per_K: 4,
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
    plates: { contact_W_per_m2_K: 250, breathing: 0.3 },
  },
  'air-fryer': {
    capacity_J_per_K: 1800,
    loss_W_per_K: 2,
    heater_W: 1500,
    vent_kg_per_s: 0.004,
    ventAjar_kg_per_s: 0.01,
    lossAjar_W_per_K: 5,
    lossOpen_W_per_K: 20,
    air_kg: 0.006,
    convectionTop_W_per_m2_K: 35,
    convectionBottom_W_per_m2_K: 22,
    natural: false,
    radiativeView: 0.9,
    trayScatter: 0.1,
    steam_kg_per_J: 0,
    plates: null,
  },
};

/** Share of the vent that still draws when the appliance is off and shut [1]. Source: ours. */
export const OFF_DRAUGHT = 0.5;

/** Convection on a rack in the kitchen [W/(m2 K)]. Source: ours, still indoor air. */
export const ROOM_CONVECTION = { top_W_per_m2_K: 4.5, bottom_W_per_m2_K: 3.5, radiativeView: 0.95 };

/** What carries the piece: how it breathes below, and how heat gets in from there. */
export type Support = {
  /** Share of the free surface's mass transfer that the underside keeps [1]. */
  readonly breathing: number;
  /** A solid tray with heat of its own, or null for a rack or mesh. */
  readonly tray: {
    readonly contact_W_per_m2_K: number;
    readonly capacity_J_per_m2_K: number;
    readonly emissivity: number;
  } | null;
  /** Share of the free air's heat that reaches the underside through the wires [1]; 1 for a tray. */
  readonly heatFactor: number;
};

export type SupportName =
  'bare-tray' | 'paper-on-tray' | 'foil-on-tray' | 'mat-on-tray' | 'deep-pan' | 'wire-rack' | 'mesh' | 'plates';

const tray = (breathing: number, contact: number, capacity: number, emissivity: number): Support => ({
  breathing,
  heatFactor: 1,
  tray: { contact_W_per_m2_K: contact, capacity_J_per_m2_K: capacity, emissivity },
});

/** Source: ours, engineering estimates for a dark steel tray of about 0.8 mm. */
export const SUPPORTS: Record<SupportName, Support> = {
  'bare-tray': tray(0.05, 150, 3200, 0.85),
  'paper-on-tray': tray(0.15, 120, 3200, 0.85),
  'foil-on-tray': tray(0.02, 120, 3300, 0.85),
  'mat-on-tray': tray(0, 60, 3200, 0.85),
  'deep-pan': tray(0, 150, 4000, 0.6),
  'wire-rack': { breathing: 0.9, tray: null, heatFactor: 0.95 },
  mesh: { breathing: 0.75, tray: null, heatFactor: 0.85 },
  // Between hot plates: they are the appliance, nothing lies between it and the piece.
  plates: { breathing: 1, tray: null, heatFactor: 1 },
};

const lossOf = (chamber: Chamber): number => chamber.loss_W_per_K + chamber.vent_kg_per_s * AIR_J_PER_KG_K;

/** Highest temperature that the empty chamber can hold, door shut: all its heater gives is then lost [°C]. */
export const warmest = (chamber: Chamber, room_c: number): number => room_c + chamber.heater_W / lossOf(chamber);

/** Time and energy to heat the empty chamber from the room to a setpoint [s, J]. */
export function preheat(chamber: Chamber, setpoint_c: number, room_c: number): { time_s: number; energy_J: number } {
  const rise_K = Math.max(0, setpoint_c - room_c);
  const loss = lossOf(chamber);
  const share = (loss * rise_K) / chamber.heater_W;
  if (share >= 1) return { time_s: Infinity, energy_J: Infinity };
  const time_s = (-chamber.capacity_J_per_K / loss) * Math.log(1 - share);
  return { time_s, energy_J: chamber.heater_W * time_s };
}

/** Air temperature of the empty chamber, switched off with its door shut, after a time [°C]. */
export function cooledTo(chamber: Chamber, from_c: number, time_s: number, room_c: number): number {
  const loss = chamber.loss_W_per_K + OFF_DRAUGHT * chamber.vent_kg_per_s * AIR_J_PER_KG_K;
  return room_c + (from_c - room_c) * Math.exp((-loss * time_s) / chamber.capacity_J_per_K);
}
