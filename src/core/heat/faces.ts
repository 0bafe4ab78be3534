import { ROOM_CONVECTION, type Chamber, type Support } from './appliance';
import type { Slab } from './slab';
import type { Room, Surroundings } from './programme';
import { massTransfer } from './surface-flux';
import { finHeat } from './tray-fin';
import { KELVIN_AT_0_C } from '../quantities';

/** Stefan-Boltzmann constant [W/(m2 K4)], emissivity of dough and crust [1]. Source: CODATA 2018; ours for the crust. */
const STEFAN_BOLTZMANN = 5.670374e-8;
const PIECE_EMISSIVITY = 0.9;
/** Natural convection: the coefficients hold at this difference between air and surface, and go with its fourth root [K]. Source: ours, after Carson, Willix & North 2006. */
const NATURAL_AT_K = 80;
const NATURAL_LEAST_K = 15;
const NATURAL_MOST_K = 200;
/**
 * Through a cushion of steam of a quarter of a millimetre between crust and hot metal, with its radiation [W/(m2 K)], and the face
 * temperatures between which it forms [°C, K]. Source: conductivity of steam; contact that falls as the crust forms, Dagerskog 1979.
 */
const STEAM_FILM_W_per_m2_K = 130;
const LIFTS_FROM_C = 85;
const LIFTS_SPAN_K = 15;
/** Side faces of a piece get this much of the top's convection and radiation [1]. Source: ours. */
const SIDE_CONVECTION = 0.9;
const SIDE_RADIATION = 0.5;

/** Heat and mass transfer of every face for one step; W/(m2 K) and kg/(m2 s Pa). */
export class Faces {
  topHeat = 0;
  bottomHeat = 0;
  sideHeat = 0;
  topMass = 0;
  bottomMass = 0;
  sideMass = 0;
  /** Air to tray, and tray to piece without the piece's own half cell; zero when there is no tray. */
  trayHeat = 0;

  /**
   * @param surroundings - where the piece stands; changed when it is moved
   * @param place - of several trays, where this one stands: 0 the mean, 1 the best aired, -1 the worst
   */
  constructor(
    public surroundings: Surroundings,
    private readonly room: Pick<Room, 'pressure_pa' | 'temperature_c'>,
    public place: number,
  ) {}

  /** The temperature that the upper face and the sides see: over a single hot plate the air is cooler than its metal [°C]. */
  above(air_c: number, inRoom: boolean): number {
    const plates = inRoom || this.surroundings.kind !== 'chamber' ? null : this.surroundings.chamber.plates;
    if (!plates || plates.airAbove === null) return air_c;
    const { temperature_c } = this.room;
    return temperature_c + plates.airAbove * (air_c - temperature_c);
  }

  /** Works out the coefficients from the air and the two surface temperatures. */
  // oxlint-disable-next-line max-params -- older than the rule
  refresh(slab: Slab, support: Support, inRoom: boolean, air_c: number, top_c: number, bottom_c: number): void {
    if (this.surroundings.kind === 'steady') {
      const { heat_W_per_m2_K: heat, mass_kg_per_m2_s_Pa: mass } = this.surroundings;
      [this.topHeat, this.bottomHeat, this.sideHeat] = [heat, heat, heat];
      [this.topMass, this.bottomMass, this.sideMass] = [mass, mass, mass];
      return;
    }
    const chamber = inRoom || this.surroundings.kind !== 'chamber' ? STILL : this.surroundings.chamber;
    const lift = (chamber.natural ? naturalConvection(air_c - top_c) : 1) * (1 + this.place * chamber.trayScatter);
    const top = chamber.convectionTop_W_per_m2_K * lift;
    const bottom = chamber.convectionBottom_W_per_m2_K * lift;
    const view = chamber.radiativeView;
    const topRadiation = view * PIECE_EMISSIVITY * radiation(air_c, top_c);
    this.topHeat = top + topRadiation;
    this.sideHeat = SIDE_CONVECTION * top + SIDE_RADIATION * topRadiation;
    this.topMass = massTransfer(top, this.room.pressure_pa);
    this.sideMass = massTransfer(SIDE_CONVECTION * top, this.room.pressure_pa);
    this.bottomMass = massTransfer(bottom, this.room.pressure_pa) * support.breathing;
    if (support.tray) {
      const metal = view * support.tray.emissivity * radiation(air_c, slab.trayTemperature);
      this.trayHeat = bottom + metal;
      if (support.tray.fin) this.trayHeat += finHeat(support.tray.fin, bottom + metal, top + metal);
    } else this.bottomHeat = (bottom + view * PIECE_EMISSIVITY * radiation(air_c, bottom_c)) * support.heatFactor;
    if (chamber.plates) this.press(chamber.plates, top_c, bottom_c);
  }

  /** Where hot metal presses: heat by contact, and steam only where it finds a way out. */
  private press(plates: NonNullable<Chamber['plates']>, top_c: number, bottom_c: number): void {
    this.bottomHeat = contactAt(bottom_c, plates);
    this.bottomMass *= plates.breathing;
    if (plates.airAbove !== null) return;
    this.topHeat = contactAt(top_c, plates);
    this.topMass *= plates.breathing;
  }
}

/** A moist face lies close to hot metal; where it boils and dries, steam holds it off. */
function contactAt(face_c: number, { contact_W_per_m2_K: wet }: NonNullable<Chamber['plates']>): number {
  const off = Math.min(1, Math.max(0, (face_c - LIFTS_FROM_C) / LIFTS_SPAN_K));
  return wet + (Math.min(wet, STEAM_FILM_W_per_m2_K) - wet) * off;
}

/** A rack in the kitchen or a shelf in the fridge, told as a chamber is. */
const STILL = {
  convectionTop_W_per_m2_K: ROOM_CONVECTION.top_W_per_m2_K,
  convectionBottom_W_per_m2_K: ROOM_CONVECTION.bottom_W_per_m2_K,
  radiativeView: ROOM_CONVECTION.radiativeView,
  natural: false,
  trayScatter: 0,
  plates: null,
} as const;

/** Radiative coefficient between two grey faces at these temperatures, before view and emissivity [W/(m2 K)]. */
function radiation(wall_c: number, surface_c: number): number {
  const wall = wall_c + KELVIN_AT_0_C;
  const surface = surface_c + KELVIN_AT_0_C;
  return STEFAN_BOLTZMANN * (wall * wall + surface * surface) * (wall + surface);
}

function naturalConvection(difference_K: number): number {
  const bounded = Math.min(NATURAL_MOST_K, Math.max(NATURAL_LEAST_K, Math.abs(difference_K)));
  return Math.sqrt(Math.sqrt(bounded / NATURAL_AT_K));
}
