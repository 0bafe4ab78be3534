/** How much the suite does: a short form with every other test, a long one by itself. */
export const LONG = process.env.OVEN_FAULTS === 'long';
export const size = (short: number, long: number): number => (LONG ? long : short);
/** Where its random numbers start. */
export const SEED = Number(process.env.OVEN_FAULTS_SEED ?? 1907);
