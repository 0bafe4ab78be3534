import type { ReactNode } from 'react';
import { SHAPES, type Shape } from '@/core/catalogue';
import { valueAt, type Path } from '@/core/document';
import { CANONICAL_UNITS, fieldAt, type NumberField as NumberFacts } from '@/core/fields';
import { limits } from '../../kit/limits';
import { NumberField } from '../../kit/NumberField';
import type { BenchProps } from '../bench-props';

export type Set = BenchProps['edits']['set'];
type ShapeNumberProps = {
  readonly label: string;
  readonly shape: Shape;
  /** Where under the shape the number stands. */
  readonly at: Path;
  /** What is shown while nothing stands there, where that is not the field's default. */
  readonly usual?: number | undefined;
  /** Instead of the field's own unit. */
  readonly unit?: string;
  readonly width?: string;
  /** Show the label beside the box; otherwise it is only read out. */
  readonly shown?: boolean;
  readonly set: Set;
};

/** What the table of fields says of a number of a shape. */
function numberFacts(shape: Shape, at: Path): NumberFacts {
  const field = fieldAt(SHAPES[shape.method].fields, at);
  if (field.kind !== 'number') throw new RangeError(`at: expected a number under ${at.join('.')}, got a ${field.kind}`);
  return field;
}

/** A number of the shape. Each writes only its own key, so that two typed quickly one after the other both stand. */
export function ShapeNumber({ label, shape, at, usual, unit, width, shown = true, set }: ShapeNumberProps): ReactNode {
  const facts = numberFacts(shape, at);
  return (
    <NumberField
      label={label}
      unit={unit ?? CANONICAL_UNITS[facts.quantity]}
      width={width ?? (facts.whole ? 'w-6' : 'w-8')}
      shown={shown}
      value={(valueAt(shape, at) as number | undefined) ?? usual ?? facts.default ?? facts.min}
      {...limits(facts)}
      onChange={(number) => set(['shape', ...at], number)}
    />
  );
}

/** The tray that pieces lie on, and how far apart. */
export const TrayFields = ({ shape, set }: { readonly shape: Shape; readonly set: Set }): ReactNode => (
  <>
    <ShapeNumber label="Tray" shape={shape} at={['tray', 'width_mm']} set={set} />
    <ShapeNumber label="by" shape={shape} at={['tray', 'depth_mm']} set={set} />
    <ShapeNumber label="apart" shape={shape} at={['tray_gap_mm']} set={set} />
  </>
);

type ThicknessProps = {
  readonly label?: string;
  readonly shape: Shape;
  readonly at?: string;
  /** Where the slider ends [mm]; more can be typed. */
  readonly most?: number;
  readonly set: Set;
};

/** How thick, typed or slid. */
export function Thickness({ label = 'Thickness', shape, at = 'thickness_mm', most = 15, set }: ThicknessProps): ReactNode {
  const facts = numberFacts(shape, [at]);
  return (
    <span className="inline-flex items-center gap-2">
      <ShapeNumber label={label} shape={shape} at={[at]} set={set} />
      <input
        aria-label={`${label}, by sliding`}
        type="range"
        className="w-18 accent-heat"
        min={2}
        max={most}
        step={0.1}
        value={(valueAt(shape, [at]) as number | undefined) ?? facts.default}
        onChange={({ target }) => set(['shape', at], Number(target.value))}
      />
    </span>
  );
}
