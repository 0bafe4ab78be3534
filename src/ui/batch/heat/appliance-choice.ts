import type { KitAppliance } from '@/contract/batch';
import { ownAppliance, type Appliance } from '@/core/catalogue';
import { applianceName } from '../../format/words';
import { atKnownPace } from './known-pace';

/** An oven of which nothing is known but its kind: for a recipe that goes elsewhere, or a kitchen with another one for the day. */
const PLAIN: Appliance = { kind: 'static-oven' };
const PLAIN_ID = 'plain';

type Options = ReadonlyArray<{ readonly value: string; readonly name: string }>;

/** What can be chosen beside what is chosen: the kit, a plain oven, and a kind that the kit does not have while it stands there. */
export function applianceOptions(
  appliances: readonly KitAppliance[],
  now: Appliance,
): { readonly value: string; readonly options: Options } {
  const kind = now.kind ?? 'static-oven';
  // An oven without a name and without a measurement is worked out as a plain one, whatever stands in the kitchen.
  const isPlain = kind === 'static-oven' && Object.keys(now).every((key) => key === 'kind');
  const own = isPlain ? undefined : ownAppliance(appliances, now);
  const foreign = own || isPlain ? [] : [{ value: '', name: applianceName(kind) }];
  const kit = appliances.map(({ id, name }) => ({ value: id, name }));
  return {
    value: own?.id ?? (isPlain ? PLAIN_ID : ''),
    options: [...foreign, ...kit, { value: PLAIN_ID, name: 'a plain oven' }],
  };
}

/** The appliance of an option; null for the one that stands there. */
export function applianceOf(id: string, appliances: readonly KitAppliance[]): Appliance | null {
  if (id === PLAIN_ID) return PLAIN;
  const next = appliances.find((one) => one.id === id);
  return next ? atKnownPace(next) : null;
}
