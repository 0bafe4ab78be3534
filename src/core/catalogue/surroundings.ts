import type { Assumptions } from '../fields';
import { chamberFromReadings, freezerTransfer, type Chamber, type Surroundings } from '../heat';
import { APPLIANCE, type Appliance } from './appliance-fields';
import { applianceRecord, type ApplianceKind } from './appliances';
import { CHILL } from './steps/chill';
import { FREEZE } from './steps/freeze';
import { FREEZE_DRY } from './steps/freeze-dry';
import type { HeatStep } from './steps';

/** Air of a household freezer, and of a fridge [°C, 1]. */
export const FREEZER_C = FREEZE.fields.freezer_c.default;
export const FRIDGE = { air_c: CHILL.fields.fridge_c.default, relativeHumidity: 0.7 } as const;

/** A household freeze dryer is slower than its physics since its vacuum is poor at first and its trays are cold [1]; its power [W]. Source: ours, 2 to 3 times. */
const FREEZE_DRYER = { slowness: 2.4, power_W: 800 } as const;

/** Pieces stand in air or between plates that a heater heats. */
export const isChamber = (kind: ApplianceKind): boolean => applianceRecord(kind).place.kind === 'chamber';

/** It heats one face only: whoever cooks in it must turn the pieces. */
export function heatsFromBelow(kind: ApplianceKind): boolean {
  const { place } = applianceRecord(kind);
  return place.kind === 'chamber' && place.chamber.plates !== null && place.chamber.plates.airAbove !== null;
}

/**
 * The chamber of an appliance: its kind's, changed by what is known of this one; null for what is no chamber.
 *
 * @param traysLaid - trays in it at once, the last one by how far it is laid
 */
export function chamberOf(kind: ApplianceKind, appliance: Appliance, traysLaid: number, room_c: number): Chamber | null {
  const { place, crowding, lid } = applianceRecord(kind);
  if (place.kind !== 'chamber') return null;
  const built = appliance.lid && lid ? { ...place.chamber, ...lid } : place.chamber;
  const measured = chamberFromReadings({ ...built, heater_W: appliance.heater_w ?? built.heater_W }, appliance, room_c);
  // The last tray shades by how far it is laid.
  const shading = crowding ? Math.min(1, Math.max(0, traysLaid - crowding.from + 1)) : 0;
  const crowd = crowding ? 1 - (1 - crowding.share) * shading : 1;
  const open = (appliance.vent_pct ?? APPLIANCE.fields.vent_pct.default) / 100;
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
  heat_W_per_m2_K: freezerTransfer(load_kg),
  load_kg,
});

/** A freeze dryer as a step of the programme sets it. */
export function freezeDryerOf(
  step: Extract<HeatStep, { do: 'freeze-dry' }>,
  path: string,
  load_kg: number,
  assumed: Assumptions,
): Surroundings {
  const take = assumed.from(FREEZE_DRY.fields, step, path);
  return {
    kind: 'freeze-dryer',
    shelf_c: take('shelf_c'),
    pressure_pa: take('pressure_pa'),
    faces: take('faces') === 'both' ? 2 : 1,
    ...FREEZE_DRYER,
    load_kg,
  };
}
