import type { TrayFin } from './tray-fin';
import type { Walls } from './walls';

/** A chamber that holds the piece: heat capacities, losses and how it moves heat and air. Values [eng] unless said. */
export type Chamber = {
  /** Heat capacity of air, element and liner, or of all of it where no walls are told apart [J/K]; steady loss [W/K]; heater [W]. */
  readonly capacity_J_per_K: number;
  readonly loss_W_per_K: number;
  readonly heater_W: number;
  /** What stays warm behind them; null where one store of heat is enough. */
  readonly walls: Walls | null;
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
  /** Hot metal that presses on the piece: its own temperature is then the chamber's; null for air. */
  readonly plates: Plates | null;
};

/** Heat into the piece where metal presses on it, and how freely steam gets out there [1]. */
type Plates = {
  readonly contact_W_per_m2_K: number;
  readonly breathing: number;
  /**
   * From below only: how far the air over the piece lies from the kitchen's temperature to the metal's [1]; null where a
   * second plate presses from above.
   */
  readonly airAbove: number | null;
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
    /** The bare tray around the piece; left out where nothing of it is bare. */
    readonly fin?: TrayFin;
  } | null;
  /** Share of the free air's heat that reaches the underside through the wires [1]; 1 for a tray. */
  readonly heatFactor: number;
};

export type SupportName =
  | 'bare-tray'
  | 'paper-on-tray'
  | 'foil-on-tray'
  | 'mat-on-tray'
  | 'deep-pan'
  | 'wire-rack'
  | 'mesh'
  | 'plates';

const tray = (breathing: number, contact: number, capacity: number, emissivity: number): Support => ({
  breathing,
  heatFactor: 1,
  tray: { contact_W_per_m2_K: contact, capacity_J_per_m2_K: capacity, emissivity },
});

/**
 * Contact under a piece that steams and bends: a gap of about 0.4 mm of air and steam, radiation across it, and the paper.
 *
 * Source: ours, engineering estimates for a dark steel tray of about 0.8 mm, and tins with a dark coating.
 */
export const SUPPORTS: Record<SupportName, Support> = {
  'bare-tray': tray(0.05, 110, 3200, 0.85),
  'paper-on-tray': tray(0.15, 90, 3200, 0.85),
  'foil-on-tray': tray(0.02, 100, 3300, 0.85),
  'mat-on-tray': tray(0, 60, 3200, 0.85),
  'deep-pan': tray(0, 150, 4000, 0.85),
  'wire-rack': { breathing: 0.9, tray: null, heatFactor: 0.95 },
  mesh: { breathing: 0.75, tray: null, heatFactor: 0.85 },
  // Between hot plates: they are the appliance, nothing lies between it and the piece.
  plates: { breathing: 1, tray: null, heatFactor: 1 },
};
