import { useState, type ReactNode } from 'react';
import { SHAPES, type Shape } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';
import { counted } from '@/core/quantities';
import { thicknessIn } from '@/core/shaping';
import { length, mass } from '../../format/units';
import { Button } from '../../kit/Button';
import { NumberField } from '../../kit/NumberField';
import type { BenchProps } from '../bench-props';

const THICKNESS = SHAPES['score-slab'].fields.thickness_mm;
const MOST_PANS = 20;

type HowThickProps = {
  readonly shape: Extract<Shape, { method: 'score-slab' }>;
  readonly prediction: Prediction;
  readonly edits: BenchProps['edits'];
};

/** How thick in my pan, both ways: all of this dough in so many pans, or so much dough that pans are full at this thickness. */
export function HowThick({ shape, prediction, edits }: HowThickProps): ReactNode {
  const { dough } = prediction;
  const fills = prediction.yield.pan_fill;
  const [asked, setAsked] = useState<number | null>(null);
  if (fills === null) return null;
  const pans = asked ?? Math.max(1, Math.round(fills));
  const thickness_mm = shape.thickness_mm ?? THICKNESS.default;
  const thick = thicknessIn(pans, { fills, thickness_mm });
  const factor = (dough.factor * pans) / fills;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5 text-[14px]" data-test="how-thick">
      <NumberField
        label="How thick in"
        unit="pans"
        value={pans}
        min={1}
        max={MOST_PANS}
        width="w-8"
        onChange={(count) => setAsked(Math.max(1, Math.round(count)))}
      />
      <span>
        all of it lies <strong>{length(thick, 1)}</strong> thick
      </span>
      {thick >= THICKNESS.min && thick <= THICKNESS.max && Math.abs(thick - thickness_mm) >= 0.05 && (
        <Button look="small" onClick={() => edits.set(['shape', 'thickness_mm'], Math.floor(thick * 10 + 1e-6) / 10)}>
          Press it so thick
        </Button>
      )}
      <span>
        At {length(thickness_mm, 1)} it fills <strong>{fills.toFixed(2)}</strong> {fills === 1 ? 'pan' : 'pans'};{' '}
        {counted(pans, 'pan')} full {pans === 1 ? 'takes' : 'take'} <strong>{mass((dough.mass_g * pans) / fills)}</strong>
      </span>
      {Math.abs(fills - pans) > 0.005 && (
        <Button look="small" onClick={() => edits.set(['scale'], { by: 'factor', factor: Number(factor.toFixed(3)) })}>
          Make so much
        </Button>
      )}
    </div>
  );
}
