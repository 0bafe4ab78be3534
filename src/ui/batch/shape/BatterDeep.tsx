import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { mass } from '../../format/units';
import { NumberField } from '../../kit/NumberField';
import type { BenchProps } from '../bench-props';

/** Deepest and least that a batter is asked to stand [mm]. */
const DEPTHS_MM = { min: 2, max: 80 } as const;

type BatterDeepProps = { readonly prediction: Prediction; readonly edits: BenchProps['edits'] };

/** How deep the batter stands in its pan, and, typed over, how much of it that takes. */
export function BatterDeep({ prediction: { dough, cake }, edits }: BatterDeepProps): ReactNode {
  if (!cake) return null;
  const { batter_depth_mm, pans } = cake;
  return (
    <div className="flex flex-wrap items-center gap-x-2 text-[14px]">
      <NumberField
        label="The batter stands"
        unit="mm deep"
        value={Number(batter_depth_mm.toFixed(1))}
        {...DEPTHS_MM}
        width="w-11"
        onChange={(mm) =>
          edits.set(['scale'], { by: 'factor', factor: Number(((dough.factor * mm) / batter_depth_mm).toFixed(3)) })
        }
      />
      <span className="text-soft">
        {mass(dough.mass_g / pans)} in each of {pans === 1 ? 'one pan' : `${pans} pans`}; another depth makes more or less
      </span>
    </div>
  );
}
