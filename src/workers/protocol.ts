import type { BatchDocument } from '@/core/document';
import type { Cooling, Drawing, Prediction } from '@/core/prediction';
import type { KeepGain } from '@/core/outcomes';
import type { FoundProgrammes } from '@/core/search';
import type { Sample } from '@/core/bands';
import type { Swapped } from '@/core/yield';
import type { Result } from '@/core/failure';
import type { Ingredient, SwapIdea } from '@/core/pantry';

/** The single likely run: what a drag shows on every frame. */
export type Likely = { readonly prediction: Prediction; readonly drawing: Drawing };

/** What a kitchen brings, as it crosses to a worker: a map does, a function would not. */
export type KitchenGoods = {
  readonly pantry: readonly Ingredient[];
  readonly currency: string;
  /** Left out where nobody has said. */
  readonly energy_per_kwh?: number;
  readonly prices: ReadonlyArray<readonly [ingredient: string, price: { readonly pack_g: number; readonly price: number }]>;
};

/** A swap with what the whole batch becomes by it. */
export type TriedSwap = Swapped & { readonly idea: SwapIdea; readonly after: Prediction };

/** How far the search for a layout is [0..1]. */
export type OnSearch = (share: number) => void;

/** What a prediction worker answers. Everything crosses as plain data. */
export type PredictionService = {
  load(kitchen: KitchenGoods): void;
  /** Within a frame: a layout that takes long to search is laid by hand for now. */
  likely(document: BatchDocument): Result<Likely>;
  /** Every swap of an ingredient line, each predicted to the jar. */
  swaps(document: BatchDocument, line: number): readonly TriedSwap[];
  /**
   * Searches the document's layout and tells how far it is. What was found is text for another worker to remember, since
   * the page between the two only hands it on, and text passes quicker than a thousand placements; null where there was
   * nothing to find, or when the work was stopped.
   */
  search(document: BatchDocument, onSearch?: OnSearch): Promise<string | null>;
  /** Draws from one number to another; null when the work was stopped or the document is wrong. */
  samples(document: BatchDocument, from: number, to: number): Promise<readonly Sample[] | null>;
  /** The prediction with the bands that draws give, whoever made them. */
  band(document: BatchDocument, samples: readonly Sample[]): Result<Prediction>;
  /** Programmes that meet the document's target, telling how far the search is; null when it was stopped. */
  find(document: BatchDocument, onSearch?: OnSearch): Promise<Result<FoundProgrammes> | null>;
  /** How the finished batch cools, and what a night on the rack makes of it; null for what ends frozen or cannot be worked. */
  cooling(document: BatchDocument): Cooling | null;
  /** What would buy one of the batch's packs the most days, the most first. */
  gains(document: BatchDocument, pack: number): readonly KeepGain[];
  /** Gives up whatever long work is under way. */
  stop(): void;
  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  gapFromCut(document: BatchDocument, cut: number): Result<number>;
  /** Takes over what another worker found. */
  remember(found: string): void;
};
