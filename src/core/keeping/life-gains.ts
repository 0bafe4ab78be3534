import { awOf, waterHeld } from '../sorption';
import type { DoughLine } from '../pantry';
import { lifeOf, type Life, type Product, type Storage } from './life';
import type { Air, PackOption } from './packs';
import { turnsIn } from './rancidity';

/** What can be done for a longer life without baking anew. */
export type LifeStep =
  | 'drier'
  | 'better-pack'
  | 'cooler'
  | 'fridge'
  | 'freezer'
  | 'half-openings'
  | 'portions'
  | 'without-quick-fat';

/** What one step buys. */
export type LifeGain = {
  readonly step: LifeStep;
  readonly days_low: number;
  readonly days: number;
  readonly gain_days: number;
  /** The pack it would move to, or the ingredient left out. */
  readonly into: string | null;
};

/** Gains smaller than this are not worth a word [days, share of the life now]. Source: ours. */
const LEAST = { days: 3, share: 0.05 } as const;
const DRIER_BY_AW = 0.1;
const DRIEST_AW = 0.1;
const COOLER_BY_C = 5;
const REFERENCE_C = 21;
/** The next pack up. */
const BETTER: Partial<Record<PackOption, PackOption>> = {
  'open-bowl': 'zip-bag',
  'paper-bag': 'zip-bag',
  'zip-bag': 'clip-jar',
  tin: 'clip-jar',
  'clip-jar': 'metal-pouch',
  'metal-pouch': 'foil-pouch',
  'foil-pouch': 'foil-pouch-absorber',
};
/** Where the fat that turns first can be left out. */
const LEFT_OUT: ReadonlySet<string> = new Set(['fat/oil', 'seed', 'nut/seed butter']);

/** How long a product keeps in a place; what lies on it may end it sooner. */
type LifeAt = (product: Product, storage: Storage, room: Air) => Life;

/** What would buy the most life, the most first; steps that buy next to nothing are left out. */
export function lifeGains(product: Product, storage: Storage, room: Air, life: LifeAt = lifeOf): LifeGain[] {
  const now = life(product, storage, room);
  const tried = [
    drier(product, storage, room, life),
    betterPack(product, storage, room, life),
    ['cooler', life(product, storage, { ...room, temperature_c: room.temperature_c - COOLER_BY_C }), null],
    ['fridge', life(product, { ...storage, store: 'fridge' }, room), null],
    ['freezer', life(product, { ...storage, store: 'freezer' }, room), null],
    ['half-openings', life(product, { ...storage, openings_per_day: storage.openings_per_day / 2 }, room), null],
    ['portions', life(product, { ...storage, openings_per_day: 0 }, room), null],
    withoutQuickFat(product, storage, room, life),
  ] as ReadonlyArray<readonly [LifeStep, Life, LifeGain['into']] | null>;
  return tried
    .flatMap((step): LifeGain[] => {
      if (!step) return [];
      const [name, { days, days_low }, into] = step;
      return [{ step: name, days, days_low, gain_days: days - now.days, into }];
    })
    .filter(({ step, gain_days }) => isElsewhere(step, storage) && gain_days >= Math.max(LEAST.days, LEAST.share * now.days))
    .sort((a, b) => b.gain_days - a.gain_days || b.days_low - a.days_low);
}

/** A step must change something: cooling a room does nothing for what is in the fridge. */
function isElsewhere(step: LifeStep, { store }: Storage): boolean {
  if (step === 'cooler') return store === 'room';
  return step !== store;
}

function drier(product: Product, storage: Storage, room: Air, life: LifeAt): readonly [LifeStep, Life, null] | null {
  const { composition, state } = product;
  const water_g = (composition.solids_g * product.moisture_pct) / (100 - product.moisture_pct);
  const { aw } = awOf(composition, water_g, REFERENCE_C, state);
  const after = Math.max(DRIEST_AW, aw - DRIER_BY_AW);
  if (after >= aw) return null;
  const left_g = waterHeld(composition, after, REFERENCE_C, state);
  const moisture_pct = (100 * left_g) / (left_g + composition.solids_g);
  const gone = product.moisture_pct - moisture_pct;
  const dried = { ...product, moisture_pct, coreMoisture_pct: Math.max(moisture_pct, product.coreMoisture_pct - gone) };
  return ['drier', life(dried, storage, room), null];
}

function betterPack(product: Product, storage: Storage, room: Air, life: LifeAt): readonly [LifeStep, Life, PackOption] | null {
  const option = BETTER[storage.option];
  if (!option) return null;
  const { own: _own, volume_ml: _volume, ...rest } = storage;
  return ['better-pack', life(product, { ...rest, option }, room), option];
}

/** Its fat no longer counts; its little weight in the treat still does. */
function withoutQuickFat(product: Product, storage: Storage, room: Air, life: LifeAt): readonly [LifeStep, Life, string] | null {
  const quickest = product.lines
    .filter(({ ingredient }) => LEFT_OUT.has(ingredient.category) && ingredient.oilClass !== 'none')
    .reduce<DoughLine | null>(
      (first, line) => (first && turnsIn(first.ingredient) <= turnsIn(line.ingredient) ? first : line),
      null,
    );
  if (!quickest) return null;
  const lines = product.lines.filter((line) => line !== quickest);
  return ['without-quick-fat', life({ ...product, lines }, storage, room), quickest.ingredient.id];
}
