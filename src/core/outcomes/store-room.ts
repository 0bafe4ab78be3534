import { succeed, type Result } from '../failure';
import type { FreshLife, PackOption, Store, Tender } from '../keeping';
import { addBand } from '../bands';
import type { PackChoice } from '../catalogue';
import {
  fillPacks,
  keptOf,
  portionsOf,
  type Keeps,
  type Prediction,
  predict,
  type PredictionRun,
  type Kitchen,
} from '../prediction';
import type { BatchDocument } from '../document';
import { countByPortion } from './count-by-portion';

/** One pack of a batch, ready for the store room. */
export type PackToStore = {
  readonly portion: string | null;
  readonly keeps: Keeps;
  readonly pieces: number;
  readonly piece_g: number;
};

/** A batch or portion of it, predicted with its bands, with what it is packed in. */
export type ToStore = {
  readonly name: string | null;
  readonly prediction: Prediction;
  readonly packs: readonly PackChoice[];
  readonly volume_ml: number;
};

/** What was counted at the rack: all pieces, and those of each portion where they were counted so. */
export type CountedPieces = {
  readonly pieces: number | null;
  readonly portions: ReadonlyArray<{ readonly portion: string; readonly pieces: number }>;
};

/**
 * Every pack of a batch as it is filled with what came out.
 *
 * @param counted - null for as many as predicted; of portions that were not counted one by one, each its share
 */
export function fillAsCounted(portions: readonly ToStore[], counted: CountedPieces | null): PackToStore[] {
  const each = counted && eachOf(portions, counted);
  return portions.flatMap((portion, i) => packsOf(portion, each ? each[i] : null));
}

function eachOf(portions: readonly ToStore[], counted: CountedPieces): number[] | null {
  const own = portions.map(({ name }) => counted.portions.find(({ portion }) => portion === name)?.pieces);
  if (own.every((pieces) => pieces !== undefined)) return own;
  const predicted = portions.map(({ prediction }) => prediction.yield.pieces);
  return counted.pieces === null ? null : countByPortion(counted.pieces, predicted);
}

function packsOf({ name, prediction, packs, volume_ml }: ToStore, counted: number | null): PackToStore[] {
  const { keeps, yield: out } = prediction;
  const filled =
    counted === null || counted === out.pieces
      ? keeps
      : fillPacks(packs, { pieces: Math.max(0, counted - out.set_aside), volume_ml });
  return filled.flatMap(({ packs: count, left_over, pieces_per_pack }, at) =>
    Array.from({ length: count }, (_, i): PackToStore => ({
      portion: name,
      keeps: keeps[at],
      pieces: i === count - 1 && left_over > 0 ? left_over : pieces_per_pack,
      piece_g: out.piece_final_g,
    })),
  );
}

/** How long treats keep from fresh in a pack and place, and once that is opened. */
export type FreshlyStored = { readonly life: FreshLife; readonly opened_days: number | null; readonly tender: Tender };

/** How long the treats of a batch keep from fresh in another pack and place, and once that is opened. */
export function freshLife(
  document: BatchDocument,
  kitchen: Kitchen,
  { portion, option, store }: { readonly portion: string | null; readonly option: PackOption; readonly store: Store },
): Result<FreshlyStored> {
  const portions = portionsOf(document, kitchen);
  if (!portions.ok) return portions;
  // Of a portion that is no more, the first stands in.
  const of = portions.value.find(({ name }) => name === portion) ?? portions.value[0];
  const worked = predict({ ...of.document, pack: [{ option, store }] }, kitchen, 'light');
  if (!worked.ok) return worked;
  const [keeps] = addBand(worked.value).keeps;
  return succeed({ life: lifeOfPack(keeps), opened_days: keeps.opened_days, tender: tenderOf(worked.value) });
}

export const lifeOfPack = ({ days_low, days, limit }: Keeps): FreshLife => ({ days_low, days, limit });

function tenderOf(worked: PredictionRun): Tender {
  const { finish } = worked;
  const { kind, meat, wantCrisp } = keptOf(worked).product;
  // Dried until it is crisp, meat is as little tender as a biscuit.
  return { soft: kind === 'soft', meat: meat && !wantCrisp && finish.aw > NOTHING_TENDER_BELOW_AW };
}

/** Below this nothing that makes ill grows, thawed or not. Source: FDA, aw 0.85 (21 CFR 114). */
const NOTHING_TENDER_BELOW_AW = 0.85;
