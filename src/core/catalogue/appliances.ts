import {
  CHAMBERS,
  FREEZER_W_PER_M2_K,
  LOADED_FREEZER,
  chamberFromReadings,
  type Chamber,
  type ChamberKind,
  type SupportName,
  type Surroundings,
} from '../heat';
import type { Assumptions, Appliance, ApplianceKind, HeatStep, ShapeMethod } from '../document';

/** Trays that stand in each appliance at once, unless it is said. Source: ours, usual household kit. */
export const USUAL_SHELVES: Record<ApplianceKind, number> = {
  'static-oven': 2,
  'fan-oven': 3,
  'small-oven': 1,
  'gas-oven': 2,
  dehydrator: 5,
  'freeze-dryer': 4,
  freezer: 4,
  'contact-grill': 1,
  'air-fryer': 1,
};

/** Two trays in still air shade each other [1]. Source: ours. */
const CROWDED = 0.8;
/** A drier full to the top moves less air over each tray [1, trays]. Source: ours. */
const PILED = 0.7;
const PILED_FROM = 7;

/** Air of a household freezer, and of a fridge [°C, 1]. */
export const FREEZER_C = -18;
export const FRIDGE = { air_c: 4, relativeHumidity: 0.7 } as const;

/** A household freeze dryer [°C, Pa, W]; slower than its physics since its vacuum is poor at first and its trays are cold. Source: ours, 2 to 3 times. */
export const FREEZE_DRYER = {
  shelf_c: 45,
  pressure_pa: 60,
  slowness: 2.4,
  power_W: 800,
  tray_g: 700,
  defrost_minutes: 90,
} as const;

/** What each way of shaping stands on when nothing else is said. */
const USUAL_BASE: Partial<Record<ShapeMethod, SupportName>> = { mat: 'mat-on-tray', cup: 'deep-pan', cake: 'deep-pan' };
const BASE_IN: Partial<Record<ApplianceKind, SupportName>> = { dehydrator: 'mesh', 'air-fryer': 'mesh' };
export const usualBase = (kind: ApplianceKind, method: ShapeMethod): SupportName =>
  kind === 'contact-grill' ? 'plates' : (USUAL_BASE[method] ?? BASE_IN[kind] ?? 'paper-on-tray');

const sameKind = (one: Appliance, other: Appliance): boolean => (one.kind ?? 'static-oven') === (other.kind ?? 'static-oven');

/**
 * The appliance of a kitchen's kit that a programme names: by its id, whatever was measured of it since; written without
 * one (or in another kitchen), by its kind and what its dial is off.
 */
export function ownAppliance<A extends { readonly id: string; readonly appliance: Appliance }>(
  kit: readonly A[],
  named: Appliance,
): A | undefined {
  return (
    kit.find(({ id, appliance }) => id === named.id && sameKind(appliance, named)) ??
    kit.find(
      ({ appliance }) => sameKind(appliance, named) && (appliance.thermostat_offset_c ?? 0) === (named.thermostat_offset_c ?? 0),
    )
  );
}

/** What is measured of an appliance itself; the rest is what stands in it, and how it was planned. */
const MEASURED = ['thermostat_offset_c', 'heater_w', 'vent_pct', 'heat_up', 'cool_down', 'defrost_minutes'] as const;

/** An appliance of a programme as the kit knows it now. */
export function asMeasured(named: Appliance, own: Appliance): Appliance {
  const known = MEASURED.flatMap((key) => (own[key] === undefined ? [] : [[key, own[key]] as const]));
  return { ...named, ...Object.fromEntries(known) };
}

/** Whether the kit says otherwise now than a programme does: of what the programme says at all. */
export const measuredAnew = (named: Appliance, own: Appliance): boolean =>
  (named.thermostat_offset_c ?? 0) !== (own.thermostat_offset_c ?? 0) ||
  MEASURED.some(
    (key) => named[key] !== undefined && own[key] !== undefined && JSON.stringify(named[key]) !== JSON.stringify(own[key]),
  );

export const isChamber = (kind: ApplianceKind): kind is ChamberKind => kind in CHAMBERS;

const IN_A_CHAMBER = [
  ...(['hold', 'ramp', 'off', 'cool', 'chill', 'freeze'] as const),
  ...(['turn', 'stir', 'brush', 'snap-apart', 'turn-out', 'rotate-trays', 'check', 'move'] as const),
];
/** What can be done in an appliance; a freeze step also takes the pieces from an oven to the freezer. */
export function stepsIn(kind: ApplianceKind): readonly HeatStep['do'][] {
  if (kind === 'freezer') return ['freeze', 'move'];
  if (kind === 'freeze-dryer') return ['freeze', 'freeze-dry', 'cool', 'move'];
  return IN_A_CHAMBER;
}

/** The chamber of an appliance: its kind's, changed by what is known of this one. */
export function chamberOf(kind: ChamberKind, appliance: Appliance, traysIn: number, room_c: number): Chamber {
  const built = CHAMBERS[kind];
  const measured = chamberFromReadings({ ...built, heater_W: appliance.heater_w ?? built.heater_W }, appliance, room_c);
  const crowd = built.natural && traysIn > 1 ? CROWDED : kind === 'dehydrator' && traysIn >= PILED_FROM ? PILED : 1;
  const open = (appliance.vent_pct ?? 100) / 100;
  return {
    ...measured,
    vent_kg_per_s: measured.vent_kg_per_s * open,
    convectionTop_W_per_m2_K: measured.convectionTop_W_per_m2_K * crowd,
    convectionBottom_W_per_m2_K: measured.convectionBottom_W_per_m2_K * crowd,
  };
}

export const freezerOf = (air_c: number, load_kg: number): Surroundings => ({
  kind: 'freezer',
  air_c,
  heat_W_per_m2_K: FREEZER_W_PER_M2_K / LOADED_FREEZER,
  load_kg,
});

/** A freeze dryer as a step of the programme sets it. */
export function freezeDryerOf(
  step: Extract<HeatStep, { do: 'freeze-dry' }>,
  path: string,
  load_kg: number,
  assumed: Assumptions,
): Surroundings {
  return {
    kind: 'freeze-dryer',
    shelf_c: assumed.or(step.shelf_c, `${path}.shelf_c`, FREEZE_DRYER.shelf_c),
    pressure_pa: assumed.or(step.pressure_pa, `${path}.pressure_pa`, FREEZE_DRYER.pressure_pa),
    faces: assumed.or(step.faces, `${path}.faces`, 'one') === 'both' ? 2 : 1,
    slowness: FREEZE_DRYER.slowness,
    power_W: FREEZE_DRYER.power_W,
    load_kg,
  };
}
