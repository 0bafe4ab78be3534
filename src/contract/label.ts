import type { PackOption, Store } from '@/core/keeping';
import type { LabelText } from '@/core/labelling';
import type { BatchVersion } from './batch';

/** A batch's label opened: what is written of it, and what stands in its way. */
export type LabelView = {
  readonly batch: BatchVersion & { readonly id: string; readonly name: string };
  /** As predicted, before anybody wrote a part otherwise. */
  readonly written: LabelText;
  /** Stop cautions: they block printing. */
  readonly stops: readonly string[];
  readonly packs: ReadonlyArray<{
    readonly portion: string | null;
    readonly option: PackOption;
    readonly store: Store;
    readonly packs: number;
    readonly net_g: number;
  }>;
  /** Which of them it is for. */
  readonly pack: number;
};

/** The label printer as its panel shows it. */
export type PrinterView = {
  readonly left: number;
  readonly waiting: number;
  readonly printed: number;
  readonly trouble: 'unplugged' | 'open' | 'out-of-labels' | null;
};
