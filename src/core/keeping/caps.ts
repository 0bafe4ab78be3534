import type { Pack, Store } from './packs';

/** What the caps look at. */
export type Capped = { readonly awSafe: number; readonly meat: boolean; readonly rawFreezeDried: boolean };

type ByStore = Record<Store, number>;
const days = (room: number, fridge: number, freezer: number): ByStore => ({ room, fridge, freezer });

/** Hard limits by dampness (upper ends, closed), general and meat or fish. Freezer caps are quality. */
const DAMP_CAPS: ReadonlyArray<{ readonly above: number; readonly general: ByStore; readonly meat: ByStore }> = [
  { above: 0.85, general: days(0, 7, 90), meat: days(0, 4, 90) },
  { above: 0.75, general: days(3, 14, 120), meat: days(0, 7, 120) },
  { above: 0.65, general: days(21, 42, 120), meat: days(10, 21, 120) },
  { above: 0.6, general: days(45, 75, 240), meat: days(14, 30, 180) },
];
const DRY_HOME = days(120, 180, 240);
const DRY_BARRIER = days(240, 240, 240);
const DRY_ABSORBER = days(540, 540, 240);
/** Upper ends count as inside; an aw that went through the isotherm and back is not exact. [1] Source: ours. */
const ROUNDING = 1e-4;
/** Dry meat keeps longer in the fridge than at room [1]. Source: ours. */
const MEAT_FRIDGE = 1.3;

/**
 * The longest a home estimate goes, whatever the other modes say [days].
 *
 * @source FDA aw 0.85 line (21 CFR 114), USDA and NCHFP home guidance; the rest ours, on the careful side
 */
export function capDays(capped: Capped, pack: Pack, store: Store): number {
  const { meat, rawFreezeDried } = capped;
  const awSafe = capped.awSafe - ROUNDING;
  const damp = DAMP_CAPS.find(({ above }) => awSafe > above);
  if (damp) return (meat ? damp.meat : damp.general)[store];
  const general = pack.absorber ? DRY_ABSORBER : pack.barrier ? DRY_BARRIER : DRY_HOME;
  if (!meat) return general[store];
  if (store === 'freezer') return 180;
  const room = dryMeatRoom(awSafe, pack, rawFreezeDried);
  return store === 'fridge' ? Math.floor(room * MEAT_FRIDGE) : room;
}

function dryMeatRoom(awSafe: number, pack: Pack, rawFreezeDried: boolean): number {
  if (pack.absorber && awSafe <= 0.35) return rawFreezeDried ? 365 : 730;
  if (pack.barrier && awSafe <= 0.35) return 270;
  return awSafe <= 0.5 ? 90 : 60;
}
