/** Time in which a gradient across a piece falls to 1/e once it lies in a closed pack, of this thickness [h, mm]. Source: ours; 8 mm of crumb evens out in about 15 hours. */
const EVENS_H = 9;
const OF_MM = 8;
/** When the piece is judged: a day after it was packed [h]. Source: ours. */
const A_DAY_H = 24;

/**
 * Share of the gradient between shell and heart that is left after a day in a closed pack [0..1]: diffusion takes four times as
 * long through twice the thickness.
 *
 * @source first term of the slab's series (Crank 1975)
 */
export const unevenAfterADay = (thickness_mm: number): number => Math.exp(-A_DAY_H / (EVENS_H * (thickness_mm / OF_MM) ** 2));

/**
 * Time in which what comes in through one face reaches through a piece of this thickness to 1/e [h]: from one side the way is
 * twice as long as from both.
 *
 * @source as above; diffusion takes four times as long over twice the way (Crank 1975)
 */
export const soaksThroughIn = (thickness_mm: number): number => 4 * EVENS_H * (thickness_mm / OF_MM) ** 2;
