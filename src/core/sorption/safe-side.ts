import { crystallisingSugars, nutButterShare, type Composition, type DoughLine } from '../pantry';

/** What is known to make the isotherm read too dry: sugar that crystallises, nut butters. */
export function dryReadingAllowance(lines: readonly DoughLine[], composition: Composition): number {
  if (composition.nonFatSolids_g <= 0) return 0;
  const crystals = crystallisingSugars(lines) / composition.nonFatSolids_g;
  const clamp01 = (value: number): number => Math.min(1, Math.max(0, value));
  return 0.1 * clamp01(crystals / 0.3 - 0.15) + 0.05 * clamp01(nutButterShare(lines) / 0.25);
}

/**
 * Water activity on the careful side: what every safety rule uses instead of the likely value.
 *
 * @param allowance - from dryReadingAllowance
 * @param measured - true when a meter or an oven-dry test gave the value
 * @source ours: 0.05 is about one rms error of the isotherm where mould matters (docs/model/sorption.md)
 */
export function awOnTheSafeSide(aw: number, allowance: number, measured = false): number {
  const margin = measured ? 0.02 : 0.05 + allowance;
  return Math.min(0.99, aw + Math.min(margin, (1 - aw) * 0.5));
}
