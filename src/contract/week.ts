import type { WeekWork } from '@/core/bakeday';

/** The week with one thing otherwise. */
export type WeekIfRow = WeekWork & {
  /** Of which machine another one stands there; null where none does. */
  readonly machine_name: string | null;
  readonly pieces: number;
  readonly energy_kwh: number;
  /** What it costs to make, as far as it is known; null where no ingredient has a price. */
  readonly cost: number | null;
  /** What it would bring at the prices of such treats sold before; null where none was. */
  readonly income: number | null;
};

/** The bake days of the coming week, as planned and with one thing otherwise. */
export type WeekIfView = {
  readonly days: readonly string[];
  readonly currency: string;
  readonly rows: readonly WeekIfRow[];
  /** Pieces of the week whose kind was never sold: they bring nothing here. */
  readonly never_sold: number;
  /** Names of batches that cannot be worked out, and so are left out. */
  readonly left_out: readonly string[];
};
