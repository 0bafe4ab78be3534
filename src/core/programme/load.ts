import type { Surroundings } from '../heat';
import type { Assumptions } from '../fields';
import { type Appliance, type ApplianceKind, FREEZER_C, APPLIANCE, applianceRecord, chamberOf, freezerOf } from '../catalogue';
import type { ShapeYield } from '../yield';

/** The batch standing in one appliance: how much of it at once, and how the appliance works. */
export type Load = {
  readonly kind: ApplianceKind;
  /** Null in a freeze dryer until a step sets its shelves. */
  readonly surroundings: Surroundings | null;
  readonly offset_c: number;
  readonly offsetKnown: boolean;
  /** How much faster than the model it works. */
  readonly pace: number;
  readonly load_g: number;
  /** How often it must be filled for all pieces. */
  readonly loads: number;
  readonly traysIn: number;
  /** Between two fillings [min]. */
  readonly between_min: number;
};

/** Trays that an appliance takes at once. */
export const shelvesOf = (appliance: Appliance | undefined): number =>
  appliance?.shelves ?? applianceRecord(appliance?.kind ?? 'static-oven').shelves;

/** Stands a batch in an appliance; `path` is where the appliance is written. */
// oxlint-disable-next-line max-params -- older than the rule
export function loadInto(
  appliance: Appliance | undefined,
  path: string,
  out: ShapeYield,
  room_c: number,
  assumed: Assumptions,
): Load {
  const take = assumed.from(APPLIANCE.fields, appliance, path);
  const kind = take('kind');
  const load = loadOf(appliance, kind, path, out, assumed);
  return {
    kind,
    surroundings: surroundingsOf(appliance ?? {}, kind, load, room_c),
    offset_c: take('thermostat_offset_c'),
    offsetKnown: appliance?.thermostat_offset_c !== undefined,
    pace: take('pace'),
    ...load,
    between_min: kind === 'freeze-dryer' ? (appliance?.defrost_minutes ?? APPLIANCE.fields.defrost_minutes.default) : 0,
  };
}

type LoadSize = Pick<Load, 'load_g' | 'loads' | 'traysIn'> & { readonly traysLaid: number };

function surroundingsOf(
  appliance: Appliance,
  kind: ApplianceKind,
  { load_g, traysLaid }: LoadSize,
  room_c: number,
): Surroundings | null {
  const load_kg = load_g / 1000;
  if (kind === 'freezer') return freezerOf(FREEZER_C, load_kg);
  const chamber = chamberOf(kind, appliance, traysLaid, room_c);
  return chamber && { kind: 'chamber', chamber, load_kg };
}

/** No more go in than stand in it, and no more than there are. */
// oxlint-disable-next-line max-params -- older than the rule
function loadOf(
  appliance: Appliance | undefined,
  kind: ApplianceKind,
  path: string,
  out: ShapeYield,
  assumed: Assumptions,
): LoadSize {
  const all_g = out.pieces * out.piece_g;
  const given_g = appliance?.load_g;
  // A freeze dryer's own trays take so much, however the pieces lie elsewhere.
  const ownTray_g = kind === 'freeze-dryer' ? assumed.from(APPLIANCE.fields, appliance, path)('tray_g') : null;
  const perTray_g = Math.min(all_g, ownTray_g ?? out.perTray * out.piece_g);
  if (given_g !== undefined)
    return {
      load_g: given_g,
      loads: Math.max(1, Math.ceil(all_g / given_g - 1e-6)),
      traysIn: Math.max(1, Math.ceil(given_g / perTray_g - 1e-6)),
      traysLaid: given_g / perTray_g,
    };
  const trays = ownTray_g === null ? out.trays : Math.ceil(all_g / ownTray_g - 1e-6);
  const perShelf = ownTray_g === null ? out.perShelf : 1;
  const most = Math.min(
    shelvesOf({ ...appliance, kind }) * perShelf,
    ownTray_g === null ? (out.traysOwned ?? Infinity) : Infinity,
  );
  const traysIn = Math.min(trays, most);
  const load_g = Math.min(all_g, traysIn * perTray_g);
  assumed.note(`${path}.load_g = ${Math.round(load_g)}`);
  return {
    load_g,
    loads: Math.ceil(trays / most),
    traysIn: Math.ceil(traysIn / perShelf),
    traysLaid: load_g / perTray_g / perShelf,
  };
}
