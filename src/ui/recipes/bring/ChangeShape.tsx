'use client';
import type { ReactNode } from 'react';
import { SHAPES } from '@/core/catalogue';
import { limits } from '../../kit/limits';
import { NumberField } from '../../kit/NumberField';
import type { Shape } from './types';

/** Sizes that are asked for in words of the kitchen, by their key. */
const SIZES: ReadonlyArray<readonly [key: string, label: string, unit: string]> = [
  ['thickness_mm', 'thick', 'mm'],
  ['piece_width_mm', 'wide', 'mm'],
  ['piece_length_mm', 'long', 'mm'],
  ['piece_g', 'one weighs', 'g'],
  ['height_mm', 'high', 'mm'],
  ['diameter_mm', 'across', 'mm'],
  ['log_diameter_mm', 'log', 'mm'],
  ['slice_mm', 'slice', 'mm'],
  ['edge_mm', 'edge', 'mm'],
  ['cavity_ml', 'one holds', 'ml'],
  ['cup_ml', 'one holds', 'ml'],
];

type ChangeShapeProps = { readonly shape: Shape; readonly onShape: (shape: Shape) => void };

/** The sizes of a shape, each to be put right. */
export function ChangeShape({ shape, onShape }: ChangeShapeProps): ReactNode {
  const fields = SHAPES[shape.method].fields as Readonly<Record<string, { readonly kind: string; readonly default?: number }>>;
  const values = shape as unknown as Readonly<Record<string, number | undefined>>;
  const cutter = shape.method === 'roll-and-cut' && shape.cutter && 'length_mm' in shape.cutter ? shape.cutter : null;
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-2 pt-1">
      {SIZES.filter(([key]) => key in fields && (key !== 'edge_mm' || shape.method === 'cube')).map(([key, label, unit]) => (
        <NumberField
          key={key}
          label={label}
          unit={unit}
          width="w-12"
          value={values[key] ?? fields[key].default ?? 0}
          {...limits(fields[key] as Parameters<typeof limits>[0])}
          onChange={(value) => onShape({ ...shape, [key]: value })}
        />
      ))}
      {shape.method === 'roll-and-cut' && (
        <NumberField
          label="cutter"
          unit="mm"
          width="w-12"
          value={cutter?.length_mm ?? 50}
          min={5}
          max={200}
          onChange={(length_mm) => onShape({ ...shape, cutter: { outline: 'circle', ...cutter, length_mm } })}
        />
      )}
    </div>
  );
}
