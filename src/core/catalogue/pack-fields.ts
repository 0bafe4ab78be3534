import { choice, count, flag, group, number, text, type ValueOf } from '../fields';
import { CLOSURES, PACKS, STORES, type Closure, type PackOption } from '../keeping';

export const PACK_OPTIONS = Object.keys(PACKS) as readonly PackOption[];
const CLOSURE_NAMES = Object.keys(CLOSURES) as readonly Closure[];

/** A way to pack the batch. Counted ones are filled first; the first without `packs` takes the rest, and any other is told as if it were filled instead. */
export const PACK = group(
  {
    option: choice(PACK_OPTIONS, { required: true }),
    store: choice(STORES, { default: 'room' }),
    volume_ml: number('volume', [20, 50_000], { usual: "its kind's: 1500 for a jar", step: 50 }),
    pieces: count([1, 100_000], { usual: 'as many as fit', meaning: 'in each' }),
    packs: count([0, 10_000], {
      usual: 'what is left',
      meaning: 'so many are filled before anything else; more of the last where all are counted',
    }),
    openings_per_day: number('ratio', [0, 50], { default: 1 }),
    portion: text(80, { usual: 'every portion that has no pack of its own', meaning: 'which portion of the bowl it is for' }),
    own: group(
      {
        film: number('permeance', [0, 500], { usual: "its kind's" }),
        area_cm2: number('area', [1, 50_000], { usual: "its kind's" }),
        closure: choice(CLOSURE_NAMES, { usual: "its kind's" }),
        barrier: flag({ usual: "its kind's", meaning: 'keeps oxygen out as foil does' }),
      },
      { meaning: 'what is known better of this pack than of its kind' },
    ),
  },
  // Counted packs hold counted pieces: otherwise nobody knows what is left for the others.
  { needs: { packs: 'pieces' } },
);
export type PackChoice = ValueOf<typeof PACK>;
