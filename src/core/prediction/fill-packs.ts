import type { PackChoice } from '../catalogue';
import { packOf } from '../keeping';
import type { Keeps } from './prediction';

/** Loose pieces fill this much of a pack's volume [1]. Source: ours, shaken biscuits. */
const PACKING = 0.55;

/** One of the ways to pack as it is filled. */
export type Packing = Pick<Keeps, 'pieces_per_pack' | 'packs' | 'left_over' | 'pieces' | 'headspace_pct'>;

/** Finished pieces that are to be packed. */
export type ToPack = { readonly pieces: number; readonly volume_ml: number };

/**
 * Fills packs until nothing is left: the counted ones first, in their order, then the first of the others with all the rest; more of
 * the last one where all are counted. The pieces in them are the batch. What gets nothing is told as if it were filled instead.
 */
export function fillPacks(choices: readonly PackChoice[], { pieces, volume_ml }: ToPack): Packing[] {
  const filled = new Map<PackChoice, Packing>();
  let left = pieces;
  const inOrder = [...choices.filter(isCounted), ...choices.filter((choice) => !isCounted(choice))];
  for (const [i, choice] of inOrder.entries()) {
    const most = i === inOrder.length - 1 ? Infinity : (choice.packs ?? Infinity);
    const one = fill(choice, { left, all: pieces, most, volume_ml });
    filled.set(choice, one);
    left -= one.pieces;
  }
  return choices.map((choice) => filled.get(choice) ?? fill(choice, { left: 0, all: pieces, most: 0, volume_ml }));
}

const isCounted = ({ packs }: PackChoice): boolean => packs !== undefined;

type Filling = { readonly left: number; readonly all: number; readonly most: number; readonly volume_ml: number };

function fill(choice: PackChoice, { left, all, most: packs, volume_ml }: Filling): Packing {
  const pack = packOf(choice.option, choice.volume_ml, choice.own);
  const fits = pack.open ? Math.max(1, all) : Math.max(1, Math.floor((pack.volume_ml * PACKING) / volume_ml));
  const most = Math.max(1, Math.min(fits, left > 0 ? left : all));
  const pieces_per_pack = choice.pieces === undefined ? most : Math.max(1, Math.min(choice.pieces, fits));
  const pieces = Math.min(left, packs * pieces_per_pack);
  return {
    pieces_per_pack,
    packs: Math.ceil(pieces / pieces_per_pack),
    left_over: pieces % pieces_per_pack,
    pieces,
    headspace_pct: pack.open ? 100 : 100 * Math.max(0, 1 - (pieces_per_pack * volume_ml) / PACKING / pack.volume_ml),
  };
}
