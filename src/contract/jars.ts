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
  readonly history: ReadonlyArray<{
    readonly on: string;
    readonly act: string;
    readonly pieces: number | null;
    readonly price: number | null;
    readonly note: string;
  }>;
};
