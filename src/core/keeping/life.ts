import { awAtCrispness, crispness, criticalAw } from '../texture';
import { awOf, dryReadingAllowance, type SorptionState } from '../sorption';
import { scaleComposition, type Composition, type DoughLine } from '../pantry';
import { capDays } from './caps';
import { daysToReach, openBowlDays, type Packed } from './moisture-drift';
import { mouldDays } from './mould';
import { airOf, packOf, type Air, type OwnPack, type PackOption, type Store } from './packs';
import { rancidDays } from './rancidity';

export type ProductKind = 'baked' | 'soft' | 'dried-meat' | 'fruit';
export type LifeMode = 'mould' | 'softening' | 'drying-out' | 'staling' | 'rancidity' | 'freezer-quality' | 'cap' | 'finish';

/** Treats as they go into a pack. */
export type Product = {
  readonly lines: readonly DoughLine[];
  /** Dry composition per any amount; it is scaled to one pack. */
  readonly composition: Composition;
  /** Mean and wettest moisture, wet basis [%]. */
  readonly moisture_pct: number;
  readonly coreMoisture_pct: number;
  readonly state: SorptionState;
  readonly kind: ProductKind;
  readonly thickness_mm: number;
  /** Meat, organ or fish is at least a tenth of the mix. */
  readonly meat: boolean;
  /** How far it spoils as meat does, from 0 as bread to 1. */
  readonly meatLike: number;
  readonly wantCrisp: boolean;
  readonly measured: boolean;
};

export type Storage = {
  readonly option: PackOption;
  readonly store: Store;
  readonly volume_ml?: number;
  readonly own?: OwnPack;
  /** Dry solids in one pack [g]. */
  readonly solids_g: number;
  readonly openings_per_day: number;
};

export type Life = {
  readonly days_low: number;
  readonly days: number;
  readonly days_high: number;
  /** Days of every mode by itself. */
  readonly modes: Readonly<Partial<Record<LifeMode, number>>>;
  /** The mode that sets `days`. */
  readonly mode: LifeMode;
  /** The mode next after the cap, when the cap rules: what would end it if nothing stopped the estimate. */
  readonly after: LifeMode | null;
  readonly awSafe: number;
};

/** Scatter of each mode: low and high over likely [1]. Source: ours. */
export const LIFE_SPREAD: Record<LifeMode, readonly [number, number]> = {
  mould: [0.5, 1.7],
  softening: [0.55, 1.8],
  'drying-out': [0.5, 2],
  staling: [0.7, 1.4],
  rancidity: [0.5, 1.8],
  'freezer-quality': [0.7, 1.5],
  cap: [1, 1],
  finish: [0.6, 1.6],
};
/**
 * What the aw of a piece is taken to be above its evened estimate: the estimate's own error beside what the draws spread, more
 * of it where meat is in it, and
 * a quarter of how far its dampest part lies above the mean, for the day until that has evened out [1]. Source: ours.
 */
const ESTIMATE = { guessed: 0.02, measured: 0.01, meat: 0.03 } as const;
const UNEVEN_SHARE = 0.25;
const MOST_AW = 0.99;
/** Less crisp than this it was never crisp: a texture that it never had cannot be lost [1]. Source: ours. */
export const CRISP_FROM = 0.3;
/** Soft crumb goes stale in so many days [days]; below that activity it has less and less starch that can. Source: ours, bread 3-5 days. */
const STALES_DAYS = { room: 4, fridge: 10, freezer: Infinity } as const;
const STALES_FROM = { aw: 0.92, tenfold: 0.12 } as const;
/** A soft treat that has lost so much activity is dry; below the other one it was never soft [1]. Source: ours. */
const DRIES_BY_AW = 0.1;
const DRY_FROM = { aw: 0.8, tenfold: 0.1 } as const;
/** Humid air around sealed dry goods: days until the pack reaches 0.68, plus half the mould life at 0.70. Source: ours. [1] */
const HUMID_ROOM = 0.68;
const WATER_REFERENCE_C = 21;

/** Storage life of a product in a pack and place: the shortest of the modes rules. */
export function lifeOf(product: Product, storage: Storage, room: Air): Life {
  const pack = packOf(storage.option, storage.volume_ml, storage.own);
  const air = airOf(storage.store, room);
  const perGram = product.composition.solids_g > 0 ? storage.solids_g / product.composition.solids_g : 0;
  const composition = scaleComposition(product.composition, perGram);
  const waterAt = (pct: number): number => (storage.solids_g * pct) / (100 - pct);
  const water_g = waterAt(product.moisture_pct);
  const aw = awOf(composition, water_g, WATER_REFERENCE_C, product.state).aw;
  const coreAw = awOf(composition, waterAt(product.coreMoisture_pct), WATER_REFERENCE_C, product.state).aw;
  const allowance = dryReadingAllowance(product.lines, product.composition);
  const awSafe = safeAw(product, aw, coreAw, allowance);
  const packed = { composition, water_g, state: product.state };

  const modes: Partial<Record<LifeMode, number>> = {};
  modes.cap = refusesAbsorber(pack.absorber, awSafe)
    ? 0
    : capDays({ awSafe, meatLike: product.meatLike, rawFreezeDried: false }, pack, storage.store);
  if (storage.store === 'freezer')
    modes['freezer-quality'] = freezerDays(aw, product.meat, pack.barrier, pack.open, air.temperature_c);
  else {
    modes.mould = mouldMode(awSafe, aw, packed, storage, air, pack.open);
    Object.assign(modes, driftModes(product, aw, packed, storage, air));
    if (!isDried(product)) modes.staling = STALES_DAYS[storage.store] * slower(aw, STALES_FROM);
  }
  const packFactor = (pack.open ? 0.8 : 1) * (pack.absorber ? 8 : pack.barrier ? 1.3 : 1);
  modes.rancidity = rancidDays(product.lines, product.composition, aw, air.temperature_c, packFactor);
  return firstToEnd(modes, awSafe);
}

function safeAw({ measured, meatLike }: Product, aw: number, coreAw: number, allowance: number): number {
  const estimate = ESTIMATE.guessed + ESTIMATE.meat * meatLike + allowance;
  const above = (measured ? ESTIMATE.measured : estimate) + UNEVEN_SHARE * Math.max(0, coreAw - aw);
  // The wetter it reads, the less room there is above.
  return Math.min(MOST_AW, aw + Math.min(above, (1 - aw) / 2));
}

/** An absorber takes the oxygen out of moist food and leaves it to what needs none. */
export const refusesAbsorber = (absorber: boolean, awSafe: number): boolean => absorber && awSafe > 0.75;

// oxlint-disable-next-line max-params -- older than the rule
function mouldMode(awSafe: number, aw: number, packed: Packed, storage: Storage, air: Air, open: boolean): number {
  const exposed = open ? Math.max(awSafe, air.relativeHumidity) : awSafe;
  const days = mouldDays(exposed, air.temperature_c);
  if (open || air.relativeHumidity <= HUMID_ROOM || aw >= 0.65) return days;
  const pack = packOf(storage.option, storage.volume_ml, storage.own);
  const wetting = daysToReach(HUMID_ROOM, packed, pack, air, storage.openings_per_day);
  return Math.min(days, wetting + 0.5 * mouldDays(0.7, air.temperature_c));
}

/** Water activity at which half of the crispness that it was packed with is gone; null for what was never crisp. */
export function softensAtAw(composition: Composition, packedAt_aw: number): number | null {
  const critical = criticalAw(composition);
  const crisp = crispness(packedAt_aw, critical);
  return crisp >= CRISP_FROM ? awAtCrispness(crisp / 2, critical) : null;
}

const isDried = ({ kind }: Product): boolean => kind === 'dried-meat' || kind === 'fruit';

/** How many times longer something takes below the activity at which it is felt, tenfold every so much [1]. */
const slower = (aw: number, { aw: from, tenfold }: { readonly aw: number; readonly tenfold: number }): number =>
  10 ** Math.max(0, (from - aw) / tenfold);

/** Softening of crisp goods, or drying out of soft ones. */
// oxlint-disable-next-line max-params -- older than the rule
function driftModes(product: Product, aw: number, packed: Packed, storage: Storage, air: Air): Partial<Record<LifeMode, number>> {
  const pack = packOf(storage.option, storage.volume_ml, storage.own);
  const dried = isDried(product);
  const reach = (limit: number): number =>
    pack.open
      ? openBowlDays(limit, packed, air, product.thickness_mm, dried)
      : daysToReach(limit, packed, pack, air, storage.openings_per_day);
  const softens = softensAtAw(product.composition, aw);
  if (softens !== null) return { softening: reach(softens) };
  const [damp, bone] = [aw - DRIES_BY_AW, air.relativeHumidity];
  return !dried && bone < damp ? { 'drying-out': reach(damp) * slower(aw, DRY_FROM) } : {};
}

/** Days of good quality in a freezer. Source: ours. */
// oxlint-disable-next-line max-params -- older than the rule
export function freezerDays(aw: number, meat: boolean, barrier: boolean, open: boolean, temperature_c: number): number {
  const likely = aw > 0.85 ? 90 : aw >= 0.65 ? (meat ? 120 : 150) : meat ? 210 : 270;
  return likely * (barrier ? 1.5 : 1) * (open ? 0.3 : 1) * 2 ** ((-18 - temperature_c) / 10);
}

/** The life that several modes leave: the shortest of them rules. */
export function firstToEnd(modes: Life['modes'], awSafe: number): Life {
  const entries = Object.entries(modes) as Array<[LifeMode, number]>;
  const least = (scaled: (mode: LifeMode, days: number) => number): number =>
    Math.floor(Math.min(...entries.map(([mode, days]) => scaled(mode, days))) + 1e-9);
  const ranked = [...entries].sort(([, a], [, b]) => a - b);
  const mode = ranked[0][0];
  const next = mode === 'cap' ? ranked.find(([name]) => name !== 'cap') : undefined;
  return {
    days_low: least((name, days) => days * LIFE_SPREAD[name][0]),
    days: least((_, days) => days),
    days_high: least((name, days) => days * LIFE_SPREAD[name][1]),
    modes,
    mode,
    after: next && Number.isFinite(next[1]) ? next[0] : null,
    awSafe,
  };
}
