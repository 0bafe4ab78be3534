import type { Explanation, WorthMeasuring } from '@/core/explain';

/** Why a finished batch came out as it did; null where nothing can be said of it: a bowl in portions was not weighed shape by shape. */
export type ExplanationView = { readonly explanation: Explanation | null };

/** What each measurement would be worth before a batch is baked, the one that narrows its end most first. */
export type WorthMeasuringView = { readonly worth: readonly WorthMeasuring[] };
