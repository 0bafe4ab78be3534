/** What hands do for a batch, counted. */
export type HandWork = {
  readonly lines: number;
  readonly pieces: number;
  /** By how the pieces are shaped: what one of them takes [s]. */
  readonly seconds_per_piece: number;
  readonly trays: number;
  /** Times that somebody comes to the oven. */
  readonly visits: number;
  readonly packs: number;
};

/** Minutes of each; mixing and washing up are there whatever is made. Source: ours, unhurried hands. */
const MINUTES = { perLine: 1, mixing: 8, perTray: 1.5, perVisit: 2, perPack: 1.5, washingUp: 10 } as const;

/** Minutes that hands are busy with a batch; what waits for the oven is not among them. Good to half as much again. */
export const handMinutes = ({ lines, pieces, seconds_per_piece, trays, visits, packs }: HandWork): number =>
  MINUTES.mixing +
  MINUTES.washingUp +
  MINUTES.perLine * lines +
  (pieces * seconds_per_piece) / 60 +
  MINUTES.perTray * trays +
  MINUTES.perVisit * visits +
  MINUTES.perPack * packs;
