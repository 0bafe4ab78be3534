import type { ReactNode } from 'react';
import type { Shape, ShapeMethod } from '@/core/catalogue';
import { CakeFields } from './CakeFields';
import { Mm, Thickness, TrayFields, type Set } from './Mm';
import { RolledFields } from './RolledFields';

type Of<M extends ShapeMethod> = Extract<Shape, { method: M }>;
type FieldsProps<M extends ShapeMethod> = { readonly shape: Of<M>; readonly set: Set };

const PIECE = [3, 300] as const;
const COUNT = { unit: '', width: 'w-8' } as const;

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
  const { piece_width_mm = 25, piece_length_mm = 25, pan = {}, trim_mm = 0 } = shape;
  return (
    <>
      <Thickness value={shape.thickness_mm ?? 8} set={set} />
      <Mm label="Pieces" value={piece_width_mm} limits={PIECE} at={['piece_width_mm']} set={set} />
      <Mm label="by" value={piece_length_mm} limits={PIECE} at={['piece_length_mm']} set={set} />
      <Mm label="Pan" value={pan.width_mm ?? 330} limits={[60, 2000]} step={10} at={['pan', 'width_mm']} set={set} />
      <Mm label="deep" value={pan.depth_mm ?? 230} limits={[60, 2000]} step={10} at={['pan', 'depth_mm']} set={set} />
      <Mm label="Trim" value={trim_mm} limits={[0, 60]} at={['trim_mm']} set={set} />
    </>
  );
}

const DropFields = ({ shape, set }: FieldsProps<'drop'>): ReactNode => (
  <>
    <Mm label="Scoop" value={shape.piece_g ?? 18} limits={[0.2, 500]} step={0.5} unit="g" at={['piece_g']} set={set} />
    <Thickness label="Height" at="height_mm" value={shape.height_mm ?? 12} most={30} set={set} />
    <TrayFields tray={shape.tray} apart={shape.tray_gap_mm ?? 20} set={set} />
  </>
);

const BallFields = ({ shape, set }: FieldsProps<'ball'>): ReactNode => (
  <>
    <Thickness label="Across" at="diameter_mm" value={shape.diameter_mm ?? 22} most={45} set={set} />
    <TrayFields tray={shape.tray} apart={shape.tray_gap_mm ?? 10} set={set} />
  </>
);

const SPIRAL_MM = 5;
const LogFields = ({ shape, set }: FieldsProps<'log-slice'>): ReactNode => (
  <>
    <Mm label="Log across" value={shape.log_diameter_mm ?? 40} limits={[8, 150]} at={['log_diameter_mm']} set={set} />
    <Mm
      label="no longer than"
      value={shape.log_length_mm ?? 300}
      limits={[60, 1000]}
      step={10}
      at={['log_length_mm']}
      set={set}
    />
    <Thickness label="Slices" at="slice_mm" value={shape.slice_mm ?? 8} most={25} set={set} />
    <Mm label="Ends cut off" value={shape.end_mm ?? 0} limits={[0, 60]} at={['end_mm']} set={set} />
    <label className="inline-flex cursor-pointer items-center gap-1.5">
      <input
        type="checkbox"
        className="accent-heat"
        checked={shape.roll_up_mm !== undefined}
        onChange={({ target }) => set(['shape', 'roll_up_mm'], target.checked ? SPIRAL_MM : undefined)}
      />
      Rolled up as a spiral
    </label>
    {shape.roll_up_mm !== undefined && (
      <Mm label="from a sheet of" value={shape.roll_up_mm} limits={[2, 30]} step={0.5} at={['roll_up_mm']} set={set} />
    )}
    <TrayFields tray={shape.tray} apart={shape.tray_gap_mm ?? 8} set={set} />
  </>
);

const HOLLOWS = {
  mat: { name: 'Mats', ml: 2, cavities: 80, height: 12 },
  'frozen-mould': { name: 'Moulds', ml: 15, cavities: 15, height: 20 },
} as const;
function HollowFields({ shape, set }: FieldsProps<'mat' | 'frozen-mould'>): ReactNode {
  const usual = HOLLOWS[shape.method];
  return (
    <>
      <Mm
        label="Cavity"
        value={shape.cavity_ml ?? usual.ml}
        limits={[0.2, 1000]}
        step={0.5}
        unit="ml"
        at={['cavity_ml']}
        set={set}
      />
      <Mm label="deep" value={shape.height_mm ?? usual.height} limits={[3, 80]} at={['height_mm']} set={set} />
      <Fill value={shape.fill_fraction ?? 1} set={set} />
      <Mm
        label="Cavities in one"
        value={shape.cavities ?? usual.cavities}
        limits={[1, 2000]}
        at={['cavities']}
        set={set}
        {...COUNT}
      />
      <Mm label={`${usual.name} in the house`} value={shape.owned ?? 2} limits={[1, 200]} at={['owned']} set={set} {...COUNT} />
    </>
  );
}

/** How full, in per cent of the hollow. */
const Fill = ({ value, set }: { readonly value: number; readonly set: Set }): ReactNode => (
  <label className="inline-flex items-center gap-2">
    <span className="text-soft">Filled</span>
    <input
      type="range"
      className="w-24 accent-heat"
      min={0.3}
      max={1}
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
    <Mm label="Cup" value={shape.cup_ml ?? 45} limits={[2, 1000]} unit="ml" at={['cup_ml']} set={set} />
    <Mm label="deep" value={shape.height_mm ?? 30} limits={[5, 120]} at={['height_mm']} set={set} />
    <Fill value={shape.fill_fraction ?? 0.67} set={set} />
    <Mm label="Cups in one tin" value={shape.cups ?? 12} limits={[1, 60]} at={['cups']} set={set} {...COUNT} />
    <Mm label="Tins in the house" value={shape.owned ?? 1} limits={[1, 200]} at={['owned']} set={set} {...COUNT} />
  </>
);

const SliceFields = ({ shape, set }: FieldsProps<'slice'>): ReactNode => (
  <>
    <Thickness label="Slicer set to" value={shape.thickness_mm ?? 5} most={20} set={set} />
    <Mm label="Across" value={shape.diameter_mm ?? 60} limits={[8, 200]} at={['diameter_mm']} set={set} />
    <Mm label="Core out" value={shape.core_mm ?? 0} limits={[0, 150]} at={['core_mm']} set={set} />
    <Mm label="Peel off" value={shape.peel_mm ?? 0} limits={[0, 20]} step={0.5} at={['peel_mm']} set={set} />
    <Mm label="Ends" value={shape.ends_pct ?? 8} limits={[0, 60]} unit="%" at={['ends_pct']} set={set} />
    <TrayFields tray={shape.tray} apart={shape.tray_gap_mm ?? 4} set={set} />
  </>
);

const CubeFields = ({ shape, set }: FieldsProps<'cube'>): ReactNode => (
  <>
    <Thickness label="Edge" at="edge_mm" value={shape.edge_mm ?? 15} most={40} set={set} />
    <Mm label="Off-cuts" value={shape.offcuts_pct ?? 5} limits={[0, 60]} unit="%" at={['offcuts_pct']} set={set} />
    <TrayFields tray={shape.tray} apart={shape.tray_gap_mm ?? 5} set={set} />
  </>
);
