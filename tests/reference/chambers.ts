import { applianceRecord, type ApplianceKind } from '@/core/catalogue';
import type { Chamber } from '@/core/heat';

/** The chamber that an appliance kind is built with. */
export function builtChamber(kind: ApplianceKind): Chamber {
  const { place } = applianceRecord(kind);
  if (place.kind !== 'chamber') throw new Error(`${kind} is no chamber`);
  return place.chamber;
}
