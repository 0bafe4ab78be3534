import type { StoreOutlook, WeekForecast } from '@/core/demand';

/** A treat that there is enough history of: what will be wanted of it, what the store gives of that, and what must be baked. */
export type WantedTreat = {
  readonly treat: string;
  readonly recipe_id: string | null;
  /** Past weeks that the forecast rests on. */
  readonly weeks: number;
  /** The coming week. */
  readonly next: WeekForecast;
  /** Over all foretold weeks. */
  readonly store: StoreOutlook;
  /** Batches of the usual size that meet what is short, and that size [pieces]; null where no batch of it is known. */
  readonly bake: { readonly batches: number; readonly pieces: number } | null;
};

/** What will be wanted in the weeks to come. */
export type DemandView = {
  readonly weeks_ahead: number;
  readonly treats: readonly WantedTreat[];
  /** Treats of which too little was taken yet, and the weeks that it takes. */
  readonly too_few: readonly string[];
  readonly least_weeks: number;
};
