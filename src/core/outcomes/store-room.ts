import { succeed, type Result } from '../failure';
import type { FreshLife, PackOption, Store, Tender } from '../keeping';
import { addBand } from '../bands';
import { productOf, type Keeps, type Prediction, predict, type PredictionRun, type Kitchen } from '../prediction';
import type { BatchDocument } from '../document';

/** Packs of a batch, ready for the store room. */
export type PacksToStore = {
  readonly packs: ReadonlyArray<{ readonly keeps: Keeps; readonly pieces: number }>;
  readonly piece_g: number;
  readonly tender: Tender;
};

/** Every pack of a batch that was predicted with its bands: those that are counted, then the first of the others for all the rest. */
export function packsToStore(worked: PredictionRun, prediction: Prediction): PacksToStore {
  const choices = worked.packs;
  const counted = choices.flatMap(({ packs }, i) => (packs === undefined ? [] : [i]));
  const rest = choices.findIndex(({ packs }) => packs === undefined);
  const packs = [...counted, ...(rest === -1 ? [] : [rest])].flatMap((index) => {
    const keeps = prediction.keeps[index];
    const isRest = index === rest;
    return Array.from({ length: keeps.packs }, (_, i) => {
      const isLast = isRest && i === keeps.packs - 1 && keeps.left_over > 0;
      return { keeps, pieces: isLast ? keeps.left_over : keeps.pieces_per_pack };
    });
  });
  return { packs, piece_g: prediction.yield.piece_final_g, tender: tenderOf(worked) };
}

/** How long treats keep from fresh in a pack and place, and once that is opened. */
export type FreshlyStored = { readonly life: FreshLife; readonly opened_days: number | null; readonly tender: Tender };

/** How long the treats of a batch keep from fresh in another pack and place, and once that is opened. */
export function freshLife(document: BatchDocument, kitchen: Kitchen, option: PackOption, store: Store): Result<FreshlyStored> {
  const worked = predict({ ...document, pack: [{ option, store }] }, kitchen, 'light');
  if (!worked.ok) return worked;
  const [keeps] = addBand(worked.value).keeps;
  return succeed({ life: lifeOfPack(keeps), opened_days: keeps.opened_days, tender: tenderOf(worked.value) });
}

export const lifeOfPack = ({ days_low, days, limit }: Keeps): FreshLife => ({ days_low, days, limit });

function tenderOf({ lines, dough, finish, out }: PredictionRun): Tender {
  const { kind, meat, wantCrisp } = productOf(lines, dough, finish, out.body.thickness_mm);
  // Dried until it is crisp, meat is as little tender as a biscuit.
  return { soft: kind === 'soft', meat: meat && !wantCrisp && finish.aw > NOTHING_TENDER_BELOW_AW };
}

/** Below this nothing that makes ill grows, thawed or not. Source: FDA, aw 0.85 (21 CFR 114). */
const NOTHING_TENDER_BELOW_AW = 0.85;
