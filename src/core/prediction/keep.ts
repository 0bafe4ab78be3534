import {
  DRIER_IS_SOONER,
  absorberFor,
  packOf,
  type Air,
  type Life,
  type PackOption,
  type Product,
  type Storage,
  type Store,
} from '../keeping';
import type { PackChoice } from '../catalogue';
import type { Coating } from '../finishing';
import type { Finish } from '../programme';
import { coatedLife, type CoatedProduct } from './coated-life';
import type { Packing } from './fill-packs';
import type { Keeps } from './prediction';

const USUAL_OPENINGS = 1;

/** What is kept, and where: the product as it ended, what is on it, the air around the packs. */
export type ToKeep = {
  readonly product: Product;
  readonly finish: Finish;
  readonly coating: Coating;
  /** A finished piece without what is put on after the heat, and with it [g]; with it [mL]. */
  readonly bare_g: number;
  readonly piece_g: number;
  readonly volume_ml: number;
  readonly room: Air;
};

const coatedOf = ({ product, coating, bare_g }: ToKeep): CoatedProduct => ({ product, coating, piece_g: bare_g });

/** Storage life of one choice, so many pieces to a pack. */
export const packLife = (choice: PackChoice, perPack: number, kept: ToKeep): Life =>
  coatedLife(coatedOf(kept), storageOf(choice, perPack, kept), kept.room);

const FITNESS = ['mould', 'cap', 'rancidity', 'freezer-quality', 'finish'] as const;

/** Storage life of one choice as it is filled. */
export function keepsOf(choice: PackChoice, packing: Packing, kept: ToKeep): Keeps {
  const { finish, room, piece_g, volume_ml: piece_ml } = kept;
  const store = choice.store ?? 'room';
  const { pieces_per_pack } = packing;
  const life = packLife(choice, pieces_per_pack, kept);
  const fit_days = Math.floor(Math.min(...FITNESS.map((mode) => life.modes[mode] ?? Infinity)) + 1e-9);
  const { softening = Infinity } = life.modes;
  const { sealed, absorber, volume_ml } = packOf(choice.option, choice.volume_ml, choice.own);
  const net_g = pieces_per_pack * piece_g;
  return {
    portion: choice.portion ?? null,
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
    ...packing,
    net_g,
    opened_days: sealed ? openedDays(kept, storageOf(choice, pieces_per_pack, kept), room) : null,
    absorber_cc:
      absorber && life.days > 0 ? absorberFor(volume_ml, net_g, piece_g / piece_ml, life.days / DAYS_A_MONTH).buy_cc : null,
    why: reasonFor(life, choice.option, store, finish.aw),
  };
}

const DAYS_A_MONTH = 30.4;

/** What was sealed is folded over or zipped once it is open, and opened every day. */
function openedDays(kept: ToKeep, { solids_g, store }: Storage, room: Air): number {
  return coatedLife(coatedOf(kept), { option: 'zip-bag', store, solids_g, openings_per_day: USUAL_OPENINGS }, room).days_low;
}

/** How a choice is stored, for lifeOf and the life curve. */
export function storageOf(choice: PackChoice, perPack: number, { bare_g, finish }: Pick<ToKeep, 'bare_g' | 'finish'>): Storage {
  return {
    option: choice.option,
    store: choice.store ?? 'room',
    solids_g: perPack * bare_g * (1 - finish.moisture_pct / 100),
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
  finish: 'what is on it goes first',
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
