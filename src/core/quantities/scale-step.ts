/** What a kitchen scale shows for a wished mass. */
export type ScaleReading = {
  /** What will really be weighed: sums downstream use this, not the wish [g]. */
  readonly mass_g: number;
  /** So far off that a measuring spoon does better. */
  readonly useSpoon: boolean;
};

/** Below this a scale's step is too coarse and half of it is taken [g]. */
const FINE_BELOW_G = 10;
/** Relative error beyond which a spoon is the better measure [1]. */
const TOO_COARSE = 0.1;

/**
 * A mass as a scale with this step can weigh it.
 *
 * @example onScale(3.3, 5) // { mass_g: 3, useSpoon: false }
 */
export function onScale(wished_g: number, step_g: number): ScaleReading {
  const step = wished_g < FINE_BELOW_G ? (step_g === 5 ? 1 : step_g / 2) : step_g;
  const mass_g = Math.round(wished_g / step) * step;
  return { mass_g, useSpoon: wished_g > 0 && Math.abs(mass_g / wished_g - 1) > TOO_COARSE };
}
