import type { ReactNode } from 'react';
import type { Path, RollAndCut, ScoreSlab } from '@/core/batch';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { OUTLINES } from '../../format/words';
import type { BenchProps } from '../bench-props';

type Set = BenchProps['edits']['set'];
type MmProps = {
  readonly label: string;
  readonly value: number;
  readonly limits: readonly [least: number, most: number];
  readonly step?: number;
  /** Where under `shape` the number stands. */
  readonly at: Path;
  readonly set: Set;
};

/** A length of the shape. Each writes only its own key, so that two typed quickly one after the other both stand. */
const Mm = ({ label, value, limits: [min, max], step = 1, at, set }: MmProps): ReactNode => (
  <NumberField
    label={label}
    unit="mm"
    width="w-8"
    value={value}
    min={min}
    max={max}
    step={step}
    onChange={(mm) => set(['shape', ...at], mm)}
  />
);

const SIDE = [60, 2000] as const;
const PIECE = [3, 300] as const;
const CUTTER = [5, 200] as const;

function Thickness({ value, set }: { readonly value: number; readonly set: Set }): ReactNode {
  return (
    <span className="inline-flex items-center gap-2">
      <Mm label="Thickness" value={value} limits={[0.5, 80]} step={0.2} at={['thickness_mm']} set={set} />
      <input
        aria-label="Thickness, by sliding"
        type="range"
        className="w-32 accent-heat"
        min={2}
        max={15}
        step={0.1}
        value={value}
        onChange={({ target }) => set(['shape', 'thickness_mm'], Number(target.value))}
      />
    </span>
  );
}

/** Everything about rolling and cutting, or about a scored slab, that a baker sets. */
export function ShapeFields({ shape, set }: { readonly shape: RollAndCut | ScoreSlab; readonly set: Set }): ReactNode {
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-2 rounded-2xl border border-hair bg-enamel px-4 py-2 text-[14px]">
      {shape.method === 'roll-and-cut' ? <CutFields shape={shape} set={set} /> : <SlabFields shape={shape} set={set} />}
    </div>
  );
}

function CutFields({ shape, set }: { readonly shape: RollAndCut; readonly set: Set }): ReactNode {
  const { cutter = {}, gap_mm = 4.5, tray = {}, tray_gap_mm = 5 } = shape;
  const { outline = 'circle', length_mm = 50, width_mm } = cutter;
  return (
    <>
      <Thickness value={shape.thickness_mm ?? 6} set={set} />
      <Choice
        label="Cutter"
        value={outline}
        options={OUTLINES}
        onChange={(next) => set(['shape', 'cutter'], { outline: next, length_mm })}
      />
      <Mm label="long" value={length_mm} limits={CUTTER} at={['cutter', 'length_mm']} set={set} />
      {width_mm !== undefined && <Mm label="wide" value={width_mm} limits={CUTTER} at={['cutter', 'width_mm']} set={set} />}
      <Mm label="Gap" value={gap_mm} limits={[0, 50]} step={0.5} at={['gap_mm']} set={set} />
      <Mm label="Tray" value={tray.width_mm ?? 400} limits={SIDE} step={10} at={['tray', 'width_mm']} set={set} />
      <Mm label="by" value={tray.depth_mm ?? 300} limits={SIDE} step={10} at={['tray', 'depth_mm']} set={set} />
      <Mm label="apart" value={tray_gap_mm} limits={[0, 100]} at={['tray_gap_mm']} set={set} />
    </>
  );
}

function SlabFields({ shape, set }: { readonly shape: ScoreSlab; readonly set: Set }): ReactNode {
  const { piece_width_mm = 25, piece_length_mm = 25, pan = {}, trim_mm = 0 } = shape;
  return (
    <>
      <Thickness value={shape.thickness_mm ?? 8} set={set} />
      <Mm label="Pieces" value={piece_width_mm} limits={PIECE} at={['piece_width_mm']} set={set} />
      <Mm label="by" value={piece_length_mm} limits={PIECE} at={['piece_length_mm']} set={set} />
      <Mm label="Pan" value={pan.width_mm ?? 330} limits={SIDE} step={10} at={['pan', 'width_mm']} set={set} />
      <Mm label="deep" value={pan.depth_mm ?? 230} limits={SIDE} step={10} at={['pan', 'depth_mm']} set={set} />
      <Mm label="Trim" value={trim_mm} limits={[0, 60]} at={['trim_mm']} set={set} />
    </>
  );
}
