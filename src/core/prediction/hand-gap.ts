import { fail, succeed, type Result } from '../failure';
import { gapOfHand, rollAndCut } from '../shaping';
import type { BatchDocument } from '../document';
import { prepare, type Kitchen } from './prepare';

/** The gap that a hand must have left for so many pieces to come from the first roll [mm]. */
export function gapFromCut(document: BatchDocument, kitchen: Kitchen, cut: number): Result<number> {
  const prepared = prepare(document, kitchen, 'quick');
  if (!prepared.ok) return prepared;
  const { plan, dough, substance } = prepared.value;
  if (plan.method !== 'roll-and-cut')
    return fail('BAD_VALUE', 'Only rolled dough has a gap between its cut-outs. Choose roll and cut.', 'shape.method');
  const first = (gap_mm: number): number =>
    rollAndCut({
      ...plan,
      level: 'hand',
      mini: undefined,
      rollWidth_mm: plan.rollWidth_mm ?? undefined,
      mostRerolls: 0,
      gap_mm,
      dough_g: dough.composition.mass_g,
      dough_g_per_ml: substance.g_per_ml,
    }).rolls[0]?.pieces ?? 0;
  return succeed(gapOfHand(cut, first));
}
