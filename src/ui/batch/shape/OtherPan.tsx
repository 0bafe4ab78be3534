'use client';
import { useState, type ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { type Shape, SHAPES } from '@/core/catalogue';
import { PAN_SHAPES, USUAL_PANS, panFactor, type Pan, type PanShape } from '@/core/shaping';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import type { BenchProps } from '../bench-props';
import { PAN_NAMES, usualPan } from './pan-words';
import { limits } from '../../kit/limits';

type Cake = Extract<Shape, { method: 'cake' }>;
type PanSize = { readonly kind: PanShape; readonly width_mm: number; readonly length_mm: number | undefined };
const PANS = PAN_SHAPES.map((value) => ({ value, name: PAN_NAMES[value] }));

const panOf = (given: Cake['pan'] = {}): Pan => {
  const shape = given.shape ?? 'round';
  const pan = { ...USUAL_PANS[shape], ...given, shape };
  return usualPan(shape).length_mm === undefined ? { ...pan, length_mm: pan.width_mm } : pan;
};

/** Another pan, filled as deep as this one: how much more batter that is, and one step to bake in it. */
export function OtherPan({
  shape,
  dough,
  edits,
}: {
  readonly shape: Cake;
  readonly dough: Prediction['dough'];
  readonly edits: BenchProps['edits'];
}): ReactNode {
  const [size, setSize] = useState<PanSize>({ kind: 'square', width_mm: USUAL_PANS.square.width_mm, length_mm: undefined });
  const { kind, width_mm, length_mm } = size;
  const here = panOf(shape.pan);
  // As deep as this one, so that it bakes alike.
  const given = {
    ...usualPan(kind),
    shape: kind,
    width_mm,
    depth_mm: here.depth_mm,
    ...(length_mm === undefined ? {} : { length_mm }),
  };
  const factor = panFactor(here, panOf(given));
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1.5 text-[14px]">
      <PanFields size={size} onSize={setSize} />
      <span>
        takes <strong>{factor.toFixed(2)} times</strong> the batter for the same depth
      </span>
      <Button
        look="small"
        onClick={() => {
          edits.set(['shape', 'pan'], given);
          edits.set(['scale'], { by: 'factor', factor: Number((dough.factor * factor).toFixed(3)) });
        }}
      >
        Use this pan
      </Button>
    </div>
  );
}

type PanFieldsProps = { readonly size: PanSize; readonly onSize: (size: PanSize) => void };

function PanFields({ size, onSize }: PanFieldsProps): ReactNode {
  const { kind, width_mm, length_mm } = size;
  return (
    <>
      <Choice
        label="Bake it in another pan:"
        value={kind}
        options={PANS}
        onChange={(next) => {
          onSize({ kind: next, width_mm: USUAL_PANS[next].width_mm, length_mm: usualPan(next).length_mm });
        }}
      />
      <NumberField
        label="wide"
        unit="mm"
        width="w-9"
        value={width_mm}
        {...limits(SHAPES.cake.fields.pan.fields.width_mm)}
        onChange={(mm) => onSize({ ...size, width_mm: mm })}
      />
      {length_mm !== undefined && (
        <NumberField
          label="long"
          unit="mm"
          width="w-9"
          value={length_mm}
          {...limits(SHAPES.cake.fields.pan.fields.length_mm)}
          onChange={(mm) => onSize({ ...size, length_mm: mm })}
        />
      )}
    </>
  );
}
