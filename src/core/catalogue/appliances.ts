import type { ApplianceRecord } from './appliance-record';
import { STATIC_OVEN } from './appliances/static-oven';
import { FAN_OVEN } from './appliances/fan-oven';
import { SMALL_OVEN } from './appliances/small-oven';
import { GAS_OVEN } from './appliances/gas-oven';
import { DEHYDRATOR } from './appliances/dehydrator';
import { FREEZE_DRYER } from './appliances/freeze-dryer';
import { FREEZER } from './appliances/freezer';
import { CONTACT_GRILL } from './appliances/contact-grill';
import { AIR_FRYER } from './appliances/air-fryer';
import { HOB_PAN } from './appliances/hob-pan';

/** Every kind of appliance, in the order in which they are offered: one line a kind, its record in a file of its own. */
const APPLIANCES = [
  STATIC_OVEN,
  FAN_OVEN,
  SMALL_OVEN,
  GAS_OVEN,
  DEHYDRATOR,
  FREEZE_DRYER,
  FREEZER,
  CONTACT_GRILL,
  AIR_FRYER,
  HOB_PAN,
] as const;

export type ApplianceKind = (typeof APPLIANCES)[number]['kind'];
export const APPLIANCE_KINDS: readonly ApplianceKind[] = APPLIANCES.map(({ kind }) => kind);

const BY_KIND: ReadonlyMap<ApplianceKind, ApplianceRecord> = new Map(APPLIANCES.map((record) => [record.kind, record]));

/** What the house knows of a kind of appliance. */
export function applianceRecord(kind: ApplianceKind): ApplianceRecord {
  const record = BY_KIND.get(kind);
  if (!record) throw new RangeError(`kind: expected one of ${APPLIANCE_KINDS.join(', ')}, got ${String(kind)}`);
  return record;
}
