import type { Sample } from '@/core/bands';
import type { Appliance } from '@/core/catalogue';
import type { BatchDocument, Heat, RecipeLine } from '@/core/document';
import type { Result } from '@/core/failure';
import type { KeepGain } from '@/core/outcomes';
import type { Ingredient, SwapIdea } from '@/core/pantry';
import type { Cooling, Drawing, Prediction } from '@/core/prediction';
import type { FoundProgrammes } from '@/core/search';
import type { Swapped } from '@/core/yield';
import type { Ask } from './protocol';

/** The single nominal run: what a drag shows on every frame. */
export type Nominal = { readonly prediction: Prediction; readonly drawing: Drawing };

/** What a page is served with, so that it is read before anything of it runs: the likely run of what is looked at first. */
export type FirstLook = {
  /** The first portion of a bowl that is shared out, as a batch of its own; null where all of it is looked at. */
  readonly part: BatchDocument | null;
  readonly nominal: Nominal;
  /** The same with its bands and the layout searched; null where only the likely run is worked out yet. */
  readonly banded: Prediction | null;
};

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

/** How far a search is [0..1]. */
type Share = number;

/** What a prediction worker answers. */
export type PredictionExchanges = {
  /** Takes on a kitchen; asked before anything else. */
  readonly load: Ask<KitchenGoods, null>;
  /** Within a frame: a layout that takes long to search is laid by hand for now. */
  readonly nominal: Ask<BatchDocument, Result<Nominal>>;
  /** A bowl that is shared out, all portions together. */
  readonly whole: Ask<BatchDocument, Result<Prediction>>;
  /** Every swap of an ingredient line, each predicted to the jar. */
  readonly swaps: Ask<{ readonly document: BatchDocument; readonly line: number }, readonly TriedSwap[]>;
  /**
   * Searches the document's layout. What was found is text for another worker to prime its cache with, since the page
   * between the two only hands it on, and text passes quicker than a thousand placements; null where there was nothing to
   * find.
   */
  readonly layout: Ask<BatchDocument, string | null, Share>;
  /** Takes over what another worker found. */
  readonly primeCache: Ask<string, null>;
  /** Draws from one number to another; null when the document cannot be worked. */
  readonly samples: Ask<
    { readonly document: BatchDocument; readonly from: number; readonly to: number },
    readonly Sample[] | null
  >;
  /** The prediction with the bands that draws give, whoever made them. */
  readonly band: Ask<{ readonly document: BatchDocument; readonly samples: readonly Sample[] }, Result<Prediction>>;
  /** Programmes that meet the document's target. */
  readonly find: Ask<BatchDocument, Result<FoundProgrammes>, Share>;
  /** How the finished batch cools, and what a night on the rack makes of it; null for what ends frozen or cannot be worked. */
  readonly cooling: Ask<BatchDocument, Cooling | null>;
  /** The finished treats of another batch as a line of this recipe. */
  readonly treats: Ask<{ readonly name: string; readonly document: BatchDocument }, Result<RecipeLine>>;
  /** What would buy one of the batch's packs the most days, the most first. */
  readonly gains: Ask<{ readonly document: BatchDocument; readonly pack: number }, readonly KeepGain[]>;
  /** The programme with the heat before it that raw food calls for while it is wet; null where nothing tried lifts it. */
  readonly heatedThrough: Ask<{ readonly document: BatchDocument; readonly oven: Appliance }, Heat | null>;
  /** The gap a hand must have left for so many pieces from the first roll [mm]. */
  readonly handGap: Ask<{ readonly document: BatchDocument; readonly cut: number }, Result<number>>;
};
