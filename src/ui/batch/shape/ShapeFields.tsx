import type { ReactNode } from 'react';
import { type Shape, type ShapeMethod, SHAPES } from '@/core/catalogue';
import { CakeFields } from './CakeFields';
import { ShapeNumber, Thickness, TrayFields, type Set } from './ShapeNumber';
import { RolledFields } from './RolledFields';

type Of<M extends ShapeMethod> = Extract<Shape, { method: M }>;
type FieldsProps<M extends ShapeMethod> = { readonly shape: Of<M>; readonly set: Set };

/** Everything that a baker sets about a way of shaping. `gap_mm` is the gap between cut-outs that counts. */
export function ShapeFields({
  shape,
  gap_mm,
  set,
}: {
  readonly shape: Shape;
  readonly gap_mm: number;
  readonly set: Set;
}): ReactNode {
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-2xl border border-hair bg-enamel px-4 py-2 text-[14px]">
      <FieldsOf {...{ shape, gap_mm, set }} />
    </div>
  );
}

function FieldsOf({ shape, gap_mm, set }: { readonly shape: Shape; readonly gap_mm: number; readonly set: Set }): ReactNode {
  switch (shape.method) {
    case 'roll-and-cut':
      return <RolledFields {...{ shape, gap_mm, set }} />;
    case 'score-slab':
      return <SlabFields {...{ shape, set }} />;
    case 'drop':
      return <DropFields {...{ shape, set }} />;
    case 'ball':
      return <BallFields {...{ shape, set }} />;
    case 'log-slice':
      return <LogFields {...{ shape, set }} />;
    case 'mat':
    case 'frozen-mould':
      return <HollowFields {...{ shape, set }} />;
    case 'cup':
      return <CupFields {...{ shape, set }} />;
    case 'cake':
      return <CakeFields {...{ shape, set }} />;
    case 'slice':
      return <SliceFields {...{ shape, set }} />;
    case 'cube':
      return <CubeFields {...{ shape, set }} />;
  }
}

function SlabFields({ shape, set }: FieldsProps<'score-slab'>): ReactNode {
  return (
    <>
      <Thickness shape={shape} set={set} />
      <ShapeNumber label="Pieces" shape={shape} at={['piece_width_mm']} set={set} />
      <ShapeNumber label="by" shape={shape} at={['piece_length_mm']} set={set} />
      <ShapeNumber label="Pan" shape={shape} at={['pan', 'width_mm']} set={set} />
      <ShapeNumber label="deep" shape={shape} at={['pan', 'depth_mm']} set={set} />
      <ShapeNumber label="Trim" shape={shape} at={['trim_mm']} set={set} />
    </>
  );
}

const DropFields = ({ shape, set }: FieldsProps<'drop'>): ReactNode => (
  <>
    <ShapeNumber label="Scoop" shape={shape} at={['piece_g']} set={set} />
    <Thickness label="Height" shape={shape} at="height_mm" most={30} set={set} />
    <TrayFields shape={shape} set={set} />
  </>
);

const BallFields = ({ shape, set }: FieldsProps<'ball'>): ReactNode => (
  <>
    <Thickness label="Across" shape={shape} at="diameter_mm" most={45} set={set} />
    <TrayFields shape={shape} set={set} />
  </>
);

const SPIRAL_MM = 5;
const LogFields = ({ shape, set }: FieldsProps<'log-slice'>): ReactNode => (
  <>
    <ShapeNumber label="Log across" shape={shape} at={['log_diameter_mm']} set={set} />
    <ShapeNumber label="no longer than" shape={shape} at={['log_length_mm']} set={set} />
    <Thickness label="Slices" shape={shape} at="slice_mm" most={25} set={set} />
    <ShapeNumber label="Ends cut off" shape={shape} at={['end_mm']} set={set} />
    <label className="inline-flex cursor-pointer items-center gap-1.5">
      <input
        type="checkbox"
        className="accent-heat"
        checked={shape.roll_up_mm !== undefined}
        onChange={({ target }) => set(['shape', 'roll_up_mm'], target.checked ? SPIRAL_MM : undefined)}
      />
      Rolled up as a spiral
    </label>
    {shape.roll_up_mm !== undefined && <ShapeNumber label="from a sheet of" shape={shape} at={['roll_up_mm']} set={set} />}
    <TrayFields shape={shape} set={set} />
  </>
);

const HOLLOWS = {
  mat: 'Mats',
  'frozen-mould': 'Moulds',
} as const;
function HollowFields({ shape, set }: FieldsProps<'mat' | 'frozen-mould'>): ReactNode {
  const name = HOLLOWS[shape.method];
  return (
    <>
      <ShapeNumber label="Cavity" shape={shape} at={['cavity_ml']} set={set} />
      <ShapeNumber label="deep" shape={shape} at={['height_mm']} set={set} />
      <Fill value={shape.fill_fraction ?? SHAPES[shape.method].fields.fill_fraction.default} set={set} />
      <ShapeNumber label="Cavities in one" shape={shape} at={['cavities']} set={set} />
      <ShapeNumber label={`${name} in the house`} shape={shape} at={['owned']} set={set} />
    </>
  );
}

/** Where the slider begins [1]: nobody fills less. */
const LEAST_FULL = 0.3;

/** How full, in per cent of the hollow. */
const Fill = ({ value, set }: { readonly value: number; readonly set: Set }): ReactNode => (
  <label className="inline-flex items-center gap-2">
    <span className="text-soft">Filled</span>
    <input
      type="range"
      className="w-24 accent-heat"
      min={LEAST_FULL}
      max={SHAPES.cup.fields.fill_fraction.max}
      step={0.01}
      value={value}
      aria-valuetext={`${Math.round(100 * value)} %`}
      onChange={({ target }) => set(['shape', 'fill_fraction'], Number(target.value))}
    />
    <strong>{Math.round(100 * value)} %</strong>
  </label>
);

const CupFields = ({ shape, set }: FieldsProps<'cup'>): ReactNode => (
  <>
    <ShapeNumber label="Cup" shape={shape} at={['cup_ml']} set={set} />
    <ShapeNumber label="deep" shape={shape} at={['height_mm']} set={set} />
    <Fill value={shape.fill_fraction ?? SHAPES.cup.fields.fill_fraction.default} set={set} />
    <ShapeNumber label="Cups in one tin" shape={shape} at={['cups']} set={set} />
    <ShapeNumber label="Tins in the house" shape={shape} at={['owned']} set={set} />
  </>
);

const SliceFields = ({ shape, set }: FieldsProps<'slice'>): ReactNode => (
  <>
    <Thickness label="Slicer set to" shape={shape} most={20} set={set} />
    <ShapeNumber label="Across" shape={shape} at={['diameter_mm']} set={set} />
    <ShapeNumber label="Core out" shape={shape} at={['core_mm']} set={set} />
    <ShapeNumber label="Peel off" shape={shape} at={['peel_mm']} set={set} />
    <ShapeNumber label="Ends" shape={shape} at={['ends_pct']} set={set} />
    <TrayFields shape={shape} set={set} />
  </>
);

const CubeFields = ({ shape, set }: FieldsProps<'cube'>): ReactNode => (
  <>
    <Thickness label="Edge" shape={shape} at="edge_mm" most={40} set={set} />
    <ShapeNumber label="Off-cuts" shape={shape} at={['offcuts_pct']} set={set} />
    <TrayFields shape={shape} set={set} />
  </>
);
