import type { Appliance } from './appliance-fields';

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
