import { fail, succeed, type Result } from '../failure';

/** What a bench scale may be off by, each time [g]. Source: usual kitchen scales read to 1 g, letter scales to 0.1 g. */
const USUAL_STEP_G = 1;

/**
 * Moisture of a wet by-product from weighing a sample before and after drying it hard.
 *
 * @returns water_pct and the half-width that the scale's step alone brings [% wet basis]
 */
export function waterByDrying(
  wet_g: number,
  dry_g: number,
  step_g = USUAL_STEP_G,
): Result<{ water_pct: number; halfWidth_pct: number }> {
  if (!(wet_g > 0)) return fail('OUT_OF_RANGE', 'Weigh the wet sample first: about 20 g.', 'wet_g');
  if (!(dry_g > 0) || dry_g >= wet_g)
    return fail(
      'OUT_OF_RANGE',
      'The dried sample must weigh less than the wet one, and something. Check which weight is which.',
      'dry_g',
    );
  const water_pct = (100 * (wet_g - dry_g)) / wet_g;
  const halfWidth_pct = ((step_g / 2) * 100 * (1 + dry_g / wet_g)) / wet_g;
  return succeed({ water_pct, halfWidth_pct });
}
