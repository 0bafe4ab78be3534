import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { fineLength, moisture } from '../../format/units';

/** What uneven thickness does: the thickest of ten pieces against the usual one. */
export function ThickestOfTen({
  banded,
  usual_mm,
}: {
  readonly banded: Prediction | null;
  readonly usual_mm: number;
}): ReactNode {
  const thickest = banded?.outcome.others.find(({ which }) => which === 'thickest');
  if (!banded || !thickest) return null;
  // Where the heart keeps its water however thick it is, there is nothing to mind.
  if (Math.abs(thickest.centre_moisture_pct - banded.outcome.centre_moisture_pct) < 0.1) return null;
  return (
    <p className="text-[14px]">
      <strong>The thickest of ten</strong> goes in at {fineLength(thickest.thickness_mm)} instead of {fineLength(usual_mm)}: its
      middle ends at <strong className="text-water">{moisture(thickest.centre_moisture_pct)}</strong> water, the usual one&rsquo;s
      at {moisture(banded.outcome.centre_moisture_pct)}.
    </p>
  );
}
