/** Whether sweeps of made-up cases go all the way, as with `OVEN_SWEEPS=all npm run test:unit`; `npm test` walks a share of each. */
const ALL = process.env.OVEN_SWEEPS === 'all';

/** The cases that are tried: all, or every so many of them, the first among them. */
export const ofSweep = <T>(cases: readonly T[], every: number): T[] => cases.filter((_, i) => ALL || i % every === 0);

/** How many made-up cases are tried. */
export const sweepLength = (all: number, usual: number): number => (ALL ? all : usual);
