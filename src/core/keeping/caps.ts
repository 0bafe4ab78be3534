import type { Pack, Store } from './packs';

/** What the caps look at. */
export type Capped = {
  /** Of the piece once its water has evened out, on the careful side. */
  readonly awSafe: number;
  /** How far it spoils as meat does, from 0 as bread to 1. */
  readonly meatLike: number;
  readonly rawFreezeDried: boolean;
};

type ByStore = Record<Store, number>;
const days = (room: number, fridge: number, freezer: number): ByStore => ({ room, fridge, freezer });
type Node = readonly [aw: number, general: ByStore, meat: ByStore];

/** Dry goods [days]. Source: home guidance of USDA and NCHFP, on the careful side. */
const DRY_FROM_AW = 0.6;
const DRY_HOME = days(120, 180, 240);
const DRY_BARRIER = days(240, 240, 240);
const DRY_ABSORBER = days(540, 540, 240);

/**
 * The longest by dampness; between two of these it goes evenly by the logarithm of the days. Bread-like goods above 0.85 have
 * the days that mould leaves them at room heat (Cauvain & Seiler 1992, a kitchen's share of them); meat, fish and organ have
 * none there from 0.85 on (21 CFR 114), and in the fridge what cooked meat has (USDA: three to four days).
 */
const DAMP: readonly Node[] = [
  [0.65, days(45, 75, 240), days(14, 30, 180)],
  [0.75, days(21, 42, 120), days(10, 21, 120)],
  [0.85, days(7, 14, 120), days(0, 4, 90)],
  [0.92, days(3, 10, 90), days(0, 4, 90)],
  [0.97, days(2, 7, 90), days(0, 4, 90)],
];
/** An aw that went through the isotherm and back is not exact. [1] Source: ours. */
const ROUNDING = 1e-4;
/** Dry meat keeps longer in the fridge than at room [1]. Source: ours. */
const MEAT_FRIDGE = 1.3;

const evenly = (first: number, second: number, share: number): number =>
  Math.exp((1 - share) * Math.log(first + 1) + share * Math.log(second + 1)) - 1;

/** The longest a home estimate goes, whatever the other modes say [days]. */
export function capDays({ awSafe, meatLike, rawFreezeDried }: Capped, pack: Pack, store: Store): number {
  const aw = awSafe - ROUNDING;
  const general = atAw(
    aw,
    (pack.absorber ? DRY_ABSORBER : pack.barrier ? DRY_BARRIER : DRY_HOME)[store],
    ([, all]) => all[store],
  );
  if (meatLike === 0) return general;
  const meat = atAw(aw, dryMeat(aw, pack, store, rawFreezeDried), ([, , of]) => of[store]);
  // What is partly meat spoils nearly as meat does: never longer than what is none.
  return Math.min(general, evenly(general, meat, meatLike));
}

function atAw(aw: number, dry: number, of: (node: Node) => number): number {
  if (aw <= DRY_FROM_AW) return dry;
  const next = DAMP.findIndex(([at]) => aw <= at);
  if (next < 0) return of(DAMP[DAMP.length - 1]);
  const [before, from] = next === 0 ? [DRY_FROM_AW, dry] : [DAMP[next - 1][0], of(DAMP[next - 1])];
  return evenly(from, of(DAMP[next]), (aw - before) / (DAMP[next][0] - before));
}

function dryMeat(aw: number, pack: Pack, store: Store, rawFreezeDried: boolean): number {
  if (store === 'freezer') return 180;
  const room = dryMeatRoom(aw, pack, rawFreezeDried);
  return store === 'fridge' ? Math.floor(room * MEAT_FRIDGE) : room;
}

function dryMeatRoom(aw: number, pack: Pack, rawFreezeDried: boolean): number {
  if (pack.absorber && aw <= 0.35) return rawFreezeDried ? 365 : 730;
  if (pack.barrier && aw <= 0.35) return 270;
  return aw <= 0.5 ? 90 : 60;
}
