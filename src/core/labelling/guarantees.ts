import type { Analysis } from '../feeding';

/** What may be promised of an analysis, on the careful side: at least so much protein and fat, at most so much fibre and water [%]. */
export type Guarantees = {
  readonly protein_min_pct: number;
  readonly fat_min_pct: number;
  readonly fibre_max_pct: number;
  readonly moisture_max_pct: number;
};

const downToHalf = (pct: number): number => Math.floor(2 * pct) / 2;
const upToHalf = (pct: number): number => Math.ceil(2 * pct) / 2;

/** Source: ours; room for what the table and the drying leave open. */
export const guarantees = ({ protein_pct, fat_pct, crudeFibre_pct, moisture_pct }: Analysis): Guarantees => ({
  protein_min_pct: downToHalf(0.93 * protein_pct),
  fat_min_pct: downToHalf(0.9 * fat_pct),
  fibre_max_pct: upToHalf(1.2 * crudeFibre_pct),
  moisture_max_pct: upToHalf(Math.max(moisture_pct + 2, 1.15 * moisture_pct)),
});
