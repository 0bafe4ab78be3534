import { awAlone, compositionOn, daysToMove, soak, type Coat, type Coating, type Under } from '../finishing';
import { firstToEnd, lifeOf, softensAtAw, type Air, type Life, type Product, type Storage, type Store } from '../keeping';
import { waterHeld } from '../sorption';
import { meatLikeness, MEAT_FROM } from './product';
import { tissueShare } from '../pantry';

/** Water moves the slower the colder it is; what is frozen holds it [1]. Source: diffusion in foods, some 30 kJ/mol (Zogzas et al. 1996). */
const SLOWER: Record<Store, number> = { room: 1, fridge: 2, freezer: Infinity };
/** What a coat can go by on its own; its texture is not judged. */
const SPOILS = ['mould', 'rancidity', 'freezer-quality'] as const;
const JUDGED_C = 21;
/** With fewer dry solids besides fat than this it holds no water that matters [share of its mass]. Source: ours. */
const HOLDS_FROM = 0.02;

/** Treats with what is on them, as they go into a pack. */
export type CoatedProduct = { readonly product: Product; readonly coating: Coating; readonly piece_g: number };

/** Dry matter and water of one piece without its coats [g]. */
export function underOf({ product, piece_g }: Pick<CoatedProduct, 'product' | 'piece_g'>): Under {
  const water_g = (piece_g * product.moisture_pct) / 100;
  const { composition, state, thickness_mm } = product;
  return { composition, solids_g: piece_g - water_g, water_g, state, thickness_mm };
}

/** Life of a piece and what is on it: their water evens out, and the first of them to go ends it. */
export function coatedLife(coated: CoatedProduct, storage: Storage, room: Air): Life {
  const { product, coating } = coated;
  if (coating.coats.length === 0) return lifeOf(product, storage, room);
  const under = underOf(coated);
  const soaked = soak(coating, under);
  const evened_pct = pctOf(soaked.piece_g, under.solids_g);
  const wet = { ...product, moisture_pct: evened_pct, coreMoisture_pct: Math.max(product.coreMoisture_pct, evened_pct) };
  const base = lifeOf(wet, storage, room);
  const softens = Math.min(base.modes.softening ?? Infinity, softensFromCoat(product, under, soaked.piece_g, storage.store));
  const most = base.modes.cap ?? Infinity;
  const coats = coating.coats.map((coat, i) => coatLife(coat, soaked.coats_g[i], most, { product, storage, room }));
  const modes = {
    ...base.modes,
    ...(Number.isFinite(softens) ? { softening: softens } : {}),
    finish: Math.min(...coats),
  };
  return firstToEnd(modes, base.awSafe);
}

const pctOf = (water_g: number, solids_g: number): number => (100 * water_g) / (water_g + solids_g);

/** Days until half of the crispness has gone into the coat's water; Infinity where it never does. */
function softensFromCoat({ composition, state, thickness_mm }: Product, under: Under, evened_g: number, store: Store): number {
  const perGram = (aw: number): number => waterHeld(composition, aw, JUDGED_C, state) / composition.solids_g;
  const soft = softensAtAw(composition, awAlone(under));
  if (soft === null) return Infinity;
  const limit_g = perGram(soft) * under.solids_g;
  const share = (limit_g - under.water_g) / (evened_g - under.water_g);
  return evened_g <= limit_g ? Infinity : daysToMove(share, thickness_mm, SLOWER[store]);
}

/** Days until a coat is no longer fit, by its own make-up and the water that it is left with; the estimate's own end counts where it comes before the piece's. */
function coatLife(
  coat: Coat,
  evened_g: number,
  most: number,
  { product, storage, room }: { readonly product: Product; readonly storage: Storage; readonly room: Air },
): number {
  const { part, dough, solids_g, water_g } = coat;
  const composition = compositionOn(coat);
  const dry = composition.nonFatSolids_g < HOLDS_FROM * (solids_g + water_g);
  const { modes } = lifeOf(
    {
      ...product,
      lines: part.made,
      // Fat alone holds no water: only it can turn, by its own make-up.
      composition: dry ? { ...product.composition, fat_g: product.composition.solids_g } : composition,
      moisture_pct: dry ? product.moisture_pct : pctOf(evened_g, solids_g),
      coreMoisture_pct: dry ? product.moisture_pct : pctOf(Math.max(water_g, evened_g), solids_g),
      state: dry ? product.state : dough.state,
      kind: 'baked',
      thickness_mm: part.thickness_mm ?? product.thickness_mm,
      meat: tissueShare(part.made) >= MEAT_FROM,
      meatLike: meatLikeness(part.made),
      wantCrisp: false,
    },
    storage,
    room,
  );
  const { cap = Infinity } = modes;
  return Math.min(cap < most ? cap : Infinity, ...SPOILS.map((mode) => modes[mode] ?? Infinity));
}
