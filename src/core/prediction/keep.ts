import {
  CRISP_FROM,
  DRIER_IS_SOONER,
  absorberFor,
  lifeOf,
  packOf,
  type Life,
  type PackOption,
  type Product,
  type Storage,
  type Store,
} from '../keeping';
import { tissueShare, type DoughLine } from '../pantry';
import type { PackChoice } from '../catalogue';
import type { Finish } from '../programme';
import { crispness, criticalAw } from '../texture';
import type { DoughMaterial, ShapeYield } from '../yield';
import type { Keeps } from './prediction';

/** Loose pieces fill this much of a pack's volume [1]. Source: ours, shaken biscuits. */
const PACKING = 0.55;
const USUAL_OPENINGS = 1;
/** Meat or fish counts from this share of the mix [1]. */
const MEAT_FROM = 0.1;
/** Meat, organ or fish as a share of the mix between which it spoils as bread does and as meat does [1]. Source: ours. */
const MEATY = { from: 0.02, to: 0.1 } as const;
/** More egg and dairy than this and it is a custard or a cheese, not a dough: it counts as meat does [1]. Source: ours. */
const CUSTARD_FROM = 0.4;
const SOFT_FROM_AW = 0.65;

/** The product as the keeping room sees it. */
export function productOf(
  lines: readonly DoughLine[],
  dough: DoughMaterial,
  finish: Pick<Finish, 'moisture_pct' | 'wettestMoisture_pct' | 'aw'>,
  thickness_mm: number,
): Product {
  const wantCrisp = crispness(finish.aw, criticalAw(dough.composition)) >= CRISP_FROM;
  const soft = !wantCrisp && finish.aw >= SOFT_FROM_AW;
  return {
    lines,
    composition: dough.composition,
    moisture_pct: finish.moisture_pct,
    coreMoisture_pct: finish.wettestMoisture_pct,
    state: dough.state,
    kind: dough.meatLike > 0.5 ? 'dried-meat' : soft ? 'soft' : 'baked',
    thickness_mm,
    meat: tissueShare(lines) >= MEAT_FROM,
    meatLike: meatLikeness(lines),
    wantCrisp,
    measured: false,
  };
}

function meatLikeness(lines: readonly DoughLine[]): number {
  const all_g = lines.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const custard_g = lines.reduce(
    (sum, { ingredient, mass_g }) => (/^(egg|dairy)$/.test(ingredient.category) ? sum + mass_g : sum),
    0,
  );
  const animal = tissueShare(lines) + Math.max(0, custard_g / all_g - CUSTARD_FROM);
  return Math.min(1, Math.max(0, (animal - MEATY.from) / (MEATY.to - MEATY.from)));
}

/** Pieces that come out, and how many of them are spoken for by packs that are counted. */
export type ToPack = { readonly out: ShapeYield; readonly spoken: number };

/** Pieces that counted packs take before the rest is packed. */
export const spokenFor = (packs: readonly PackChoice[]): number =>
  packs.reduce((sum, { packs: count = 0, pieces = 0 }) => sum + count * pieces, 0);

type Packing = Pick<Keeps, 'packs' | 'left_over' | 'headspace_pct'> & { readonly perPack: number };

/** Pieces that go into one pack, and packs for what there is to pack. */
export function packing(choice: PackChoice, finish: Finish, { out, spoken }: ToPack): Packing {
  const { volume_ml, open } = packOf(choice.option, choice.volume_ml, choice.own);
  const fits = Math.max(1, Math.floor((volume_ml * PACKING) / finish.volume_ml));
  const counted = choice.packs !== undefined && choice.pieces !== undefined;
  const there = counted ? out.pieces : Math.max(0, out.pieces - spoken);
  const most = open ? there : Math.min(there, fits);
  const perPack = Math.max(1, choice.pieces === undefined ? most : Math.min(choice.pieces, open ? out.pieces : fits));
  const full = Math.floor(there / perPack);
  const packs = choice.packs === undefined ? Math.ceil(there / perPack) : Math.min(choice.packs, full);
  return {
    perPack,
    packs,
    left_over: counted ? 0 : choice.packs === undefined ? there - full * perPack : Math.max(0, there - packs * perPack),
    headspace_pct: open ? 100 : 100 * Math.max(0, 1 - (perPack * finish.volume_ml) / PACKING / volume_ml),
  };
}

/** The air in the kitchen. */
export type RoomAir = { readonly temperature_c: number; readonly relativeHumidity: number };

/** What is kept, and where: the product as it ended, the pieces of it, the air around the packs. */
export type ToKeep = {
  readonly product: Product;
  readonly finish: Finish;
  readonly toPack: ToPack;
  readonly room: RoomAir;
};

/** Storage life of one choice. */
export function packLife(choice: PackChoice, { product, finish, toPack, room }: ToKeep): Life {
  const { perPack } = packing(choice, finish, toPack);
  return lifeOf(product, storageOf(choice, perPack, finish, toPack.out.piece_g), room);
}

const FITNESS = ['mould', 'cap', 'rancidity', 'freezer-quality'] as const;

/** Storage life of one choice, with the packs it takes. */
export function keepsOf(choice: PackChoice, kept: ToKeep): Keeps {
  const { product, finish, toPack, room } = kept;
  const store = choice.store ?? 'room';
  const { perPack, packs, left_over, headspace_pct } = packing(choice, finish, toPack);
  const { piece_g } = toPack.out;
  const storage = storageOf(choice, perPack, finish, piece_g);
  const life = packLife(choice, kept);
  const fit_days = Math.floor(Math.min(...FITNESS.map((mode) => life.modes[mode] ?? Infinity)) + 1e-9);
  const { softening = Infinity } = life.modes;
  const { sealed, absorber, volume_ml } = packOf(choice.option, choice.volume_ml, choice.own);
  const net_g = perPack * piece_g * finish.massRatio;
  return {
    option: choice.option,
    store,
    days: life.days,
    days_low: life.days_low,
    days_high: life.days_high,
    fit_days,
    fit_days_low: fit_days,
    crisp_days: Number.isFinite(softening) ? Math.floor(softening) : null,
    share_fit_pct: null,
    limit: limitOf(life, store),
    capped: life.mode === 'cap',
    pieces_per_pack: perPack,
    packs,
    left_over,
    net_g,
    headspace_pct,
    opened_days: sealed ? openedDays(product, storage, room) : null,
    absorber_cc:
      absorber && life.days > 0
        ? absorberFor(volume_ml, net_g, (piece_g * finish.massRatio) / finish.volume_ml, life.days / DAYS_A_MONTH).buy_cc
        : null,
    why: reasonFor(life, choice.option, store, finish.aw),
  };
}

const DAYS_A_MONTH = 30.4;

/** What was sealed is folded over or zipped once it is open, and opened every day. */
function openedDays(product: Product, { solids_g, store }: Storage, room: RoomAir): number {
  return lifeOf(product, { option: 'zip-bag', store, solids_g, openings_per_day: USUAL_OPENINGS }, room).days_low;
}

/** How a choice is stored, for lifeOf and the life curve. */
export function storageOf(choice: PackChoice, perPack: number, finish: Finish, piece_g: number): Storage {
  const solids_g = perPack * piece_g * finish.massRatio * (1 - finish.moisture_pct / 100);
  return {
    option: choice.option,
    store: choice.store ?? 'room',
    solids_g,
    openings_per_day: choice.openings_per_day ?? USUAL_OPENINGS,
    ...(choice.volume_ml === undefined ? {} : { volume_ml: choice.volume_ml }),
    ...(choice.own === undefined ? {} : { own: choice.own }),
  };
}

/** What ends it, in the words of the result document; a cap is told by what it guards against. */
function limitOf(life: Life, store: Store): Keeps['limit'] {
  if (life.mode !== 'cap') return life.mode;
  if (store === 'freezer') return 'freezer-quality';
  if (life.awSafe > 0.6) return 'microbial';
  return life.after && life.after !== 'cap' ? life.after : 'rancidity';
}

const ENDS: Record<Exclude<Life['mode'], 'cap'>, string> = {
  mould: 'mould would come first',
  softening: 'it goes soft first',
  'drying-out': 'it dries out first',
  staling: 'it goes stale first',
  rancidity: 'the fat goes rancid first',
  'freezer-quality': 'quality fades in the freezer',
};

function reasonFor(life: Life, option: PackOption, store: Store, aw: number): string {
  if (life.mode === 'rancidity' && aw < DRIER_IS_SOONER) return `${ENDS.rancidity}: drier than this it turns sooner, not later`;
  if (life.mode !== 'cap') return ENDS[life.mode];
  if (option === 'foil-pouch-absorber' && life.days === 0)
    return 'too moist for an oxygen absorber: without air, germs that need none could grow';
  if (store !== 'freezer' && life.awSafe > 0.85)
    return store === 'room'
      ? 'too moist to stand at room heat: chill within two hours'
      : 'moist food in the fridge: germs set the limit';
  if (store === 'freezer') return 'the longest a home freezer estimate goes: quality, not safety';
  if (life.awSafe > 0.6) return 'its dampest part could carry mould';
  const next = life.after && life.after !== 'cap' ? `; then ${ENDS[life.after]}` : '';
  return `the longest a home estimate goes${next}`;
}
