import type { PackOption, Store } from '@/core/keeping';

/** A pack of the store room as it is shown. */
export type JarView = {
  readonly id: string;
  readonly batch_id: string | null;
  readonly name: string;
  readonly lot: string;
  readonly packed_on: string;
  readonly pieces: number;
  readonly left_over: number;
  readonly piece_g: number;
  readonly option: PackOption;
  readonly store: Store;
  readonly opened: boolean;
  readonly thawed: boolean;
  readonly limit: string;
  /** ISO dates until which it is surely, and likely, good. */
  readonly use_by: string;
  readonly likely_until: string;
  /** Of packs of the same treat that stand in the same place, this one is used first. */
  readonly is_first: boolean;
  readonly history: ReadonlyArray<{
    readonly on: string;
    readonly act: string;
    readonly pieces: number | null;
    readonly price: number | null;
    readonly note: string;
  }>;
};

/** One shelf of the store room, as far as a page shows it. */
export type ShelfView = {
  readonly store: Store;
  readonly jars: readonly JarView[];
  /** Packs that stand there and were asked for; within a week of their day; past it. */
  readonly packs: number;
  readonly soon: number;
  readonly past: number;
  /** Whether this is not its beginning, and the pack after which it goes on; null at its end. */
  readonly goesOn: boolean;
  readonly next: string | null;
};

/** The store room as it is asked for. */
export type JarsView = {
  readonly today: string;
  readonly currency: string;
  readonly find: string;
  readonly shelves: readonly ShelfView[];
  /** Pieces, grams and money by what became of them, over so many days. */
  readonly totals: readonly ActTotal[];
  readonly totals_days: number;
};

/** What was done with treats, all together: pieces, their mass and what they brought. */
export type ActTotal = {
  readonly act: string;
  readonly pieces: number;
  readonly grams: number;
  readonly price: number;
};
