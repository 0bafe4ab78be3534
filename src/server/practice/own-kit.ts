import { applianceRecord, type Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { HOUSE_DRYER, type Owned } from '@/core/practice';
import { mapAppliances } from '@/core/programme';
import type { StoredAppliance } from '@/db/kitchen';

const recordOf = ({ kind }: Appliance): ReturnType<typeof applianceRecord> => applianceRecord(kind ?? 'static-oven');
const isDrier = (appliance: Appliance): boolean => recordOf(appliance).drier;
const isOven = (appliance: Appliance): boolean => recordOf(appliance).likeAnOven !== null;

/** What of a kitchen's kit may be practised with; a kitchen that wrote nothing down has what most have. */
export function ownedIn(kit: readonly StoredAppliance[]): Owned {
  const dryer = kit.find(({ appliance }) => isDrier(appliance))?.appliance ?? null;
  return { probe: true, dryer: kit.length === 0 ? HOUSE_DRYER : dryer };
}

/** A lesson's batch in one's own oven and dryer, where the kitchen has any of that sort. */
export function inOwnKit(document: BatchDocument, kit: readonly StoredAppliance[]): BatchDocument {
  const own = (wanted: Appliance): Appliance => {
    const sort = isDrier(wanted) ? isDrier : isOven(wanted) ? isOven : null;
    const found = sort && kit.find(({ appliance }) => sort(appliance));
    // A lesson that fills two shelves keeps them: its theme is what stands in the oven.
    return found ? { ...found.appliance, ...(wanted.shelves === undefined ? {} : { shelves: wanted.shelves }) } : wanted;
  };
  return { ...document, heat: mapAppliances(document.heat, own) };
}
