'use client';
import type { ReactNode } from 'react';
import type { Drawing, RollAndCut, ScoreSlab, SheetDrawing, SlabDrawing } from '@/core/batch';
import { CautionsOf } from '../../kit/CautionMark';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { useWidth } from '../../kit/use-width';
import { OUTLINES } from '../../format/words';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { PiecesOnSheet } from './PiecesOnSheet';

const METHODS = [
  { value: 'roll-and-cut', name: 'roll and cut' },
  { value: 'score-slab', name: 'score a slab' },
] as const;

/** The shape station: how thick and how big, how many come out, and where they lie. */
export function ShapeBench(props: BenchProps): ReactNode {
  const { document, edits, likely, banded } = props;
  const { shape } = document;
  const out = (banded ?? likely.prediction).yield;
  return (
    <div className="flex flex-col gap-3">
      <BenchHead
        title="Shape"
        about={`${likely.prediction.yield.pieces} pieces, ${out.pieces_low} – ${out.pieces_high} as hands and dough vary · ${likely.prediction.yield.piece_raw_g.toFixed(1)} g raw`}
      >
        <Choice
          label="Method"
          shown={false}
          value={shape.method}
          options={METHODS}
          onChange={(method) => {
            if (method !== shape.method) edits.set(['shape'], { method, thickness_mm: shape.thickness_mm ?? 6 });
          }}
        />
      </BenchHead>
      {shape.method === 'roll-and-cut' ? <CutFields shape={shape} edits={edits} /> : <SlabFields shape={shape} edits={edits} />}
      <Drawn drawing={likely.drawing} prediction={likely.prediction} />
      <CautionsOf cautions={likely.prediction.cautions} steps={['shape']} />
    </div>
  );
}

function Thickness({ value, edits }: { readonly value: number; readonly edits: BenchProps['edits'] }): ReactNode {
  const set = (mm: number): void => edits.set(['shape', 'thickness_mm'], mm);
  return (
    <span className="inline-flex items-center gap-2">
      <NumberField label="Thickness" unit="mm" width="w-8" value={value} min={0.5} max={80} step={0.2} onChange={set} />
      <input
        aria-label="Thickness, by sliding"
        type="range"
        className="w-32 accent-heat"
        min={2}
        max={15}
        step={0.1}
        value={value}
        onChange={({ target }) => set(Number(target.value))}
      />
    </span>
  );
}

const ROW = 'flex flex-wrap items-center gap-x-5 gap-y-2 rounded-2xl border border-hair bg-enamel px-4 py-2 text-[14px]';

function CutFields({ shape, edits }: { readonly shape: RollAndCut; readonly edits: BenchProps['edits'] }): ReactNode {
  const { cutter = {}, gap_mm = 4.5, tray = {}, tray_gap_mm = 5 } = shape;
  const { outline = 'circle', length_mm = 50 } = cutter;
  return (
    <div className={ROW}>
      <Thickness value={shape.thickness_mm ?? 6} edits={edits} />
      <Choice
        label="Cutter"
        value={outline}
        options={OUTLINES}
        onChange={(next) => edits.set(['shape', 'cutter'], { outline: next, length_mm })}
      />
      <NumberField
        label="long"
        unit="mm"
        width="w-8"
        value={length_mm}
        min={5}
        max={200}
        onChange={(mm) => edits.set(['shape', 'cutter', 'length_mm'], mm)}
      />
      {cutter.width_mm !== undefined && (
        <NumberField
          label="wide"
          unit="mm"
          width="w-8"
          value={cutter.width_mm}
          min={5}
          max={200}
          onChange={(mm) => edits.set(['shape', 'cutter', 'width_mm'], mm)}
        />
      )}
      <NumberField
        label="Gap"
        unit="mm"
        width="w-7"
        value={gap_mm}
        min={0}
        max={50}
        step={0.5}
        onChange={(mm) => edits.set(['shape', 'gap_mm'], mm)}
      />
      <NumberField
        label="Tray"
        unit="mm"
        width="w-9"
        value={tray.width_mm ?? 400}
        min={60}
        max={2000}
        step={10}
        onChange={(mm) => edits.set(['shape', 'tray', 'width_mm'], mm)}
      />
      <NumberField
        label="by"
        unit="mm"
        width="w-9"
        value={tray.depth_mm ?? 300}
        min={60}
        max={2000}
        step={10}
        onChange={(mm) => edits.set(['shape', 'tray', 'depth_mm'], mm)}
      />
      <NumberField
        label="apart"
        unit="mm"
        width="w-7"
        value={tray_gap_mm}
        min={0}
        max={100}
        onChange={(mm) => edits.set(['shape', 'tray_gap_mm'], mm)}
      />
    </div>
  );
}

function SlabFields({ shape, edits }: { readonly shape: ScoreSlab; readonly edits: BenchProps['edits'] }): ReactNode {
  const { piece_width_mm = 25, piece_length_mm = 25, pan = {}, trim_mm = 0 } = shape;
  return (
    <div className={ROW}>
      <Thickness value={shape.thickness_mm ?? 8} edits={edits} />
      <NumberField
        label="Pieces"
        unit="mm"
        width="w-8"
        value={piece_width_mm}
        min={3}
        max={300}
        onChange={(mm) => edits.set(['shape', 'piece_width_mm'], mm)}
      />
      <NumberField
        label="by"
        unit="mm"
        width="w-8"
        value={piece_length_mm}
        min={3}
        max={300}
        onChange={(mm) => edits.set(['shape', 'piece_length_mm'], mm)}
      />
      <NumberField
        label="Pan"
        unit="mm"
        width="w-9"
        value={pan.width_mm ?? 330}
        min={60}
        max={2000}
        step={10}
        onChange={(mm) => edits.set(['shape', 'pan', 'width_mm'], mm)}
      />
      <NumberField
        label="by"
        unit="mm"
        width="w-9"
        value={pan.depth_mm ?? 230}
        min={60}
        max={2000}
        step={10}
        onChange={(mm) => edits.set(['shape', 'pan', 'depth_mm'], mm)}
      />
      <NumberField
        label="Trim"
        unit="mm"
        width="w-7"
        value={trim_mm}
        min={0}
        max={60}
        onChange={(mm) => edits.set(['shape', 'trim_mm'], mm)}
      />
    </div>
  );
}

type DrawnProps = { readonly drawing: Drawing; readonly prediction: BenchProps['likely']['prediction'] };

function Drawn({ drawing, prediction }: DrawnProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(860);
  return (
    <div ref={ref}>
      {drawing.sheets.kind === 'sheet' ? (
        <Sheets drawn={drawing.sheets} prediction={prediction} width={width} />
      ) : (
        <Slab drawn={drawing.sheets} width={width} />
      )}
    </div>
  );
}

const SPACE_PX = 18;
const TALLEST_PX = 292;

function Sheets({
  drawn,
  prediction,
  width,
}: {
  readonly drawn: SheetDrawing;
  readonly prediction: DrawnProps['prediction'];
  readonly width: number;
}): ReactNode {
  const shown = drawn.rolls.slice(0, 3);
  const all_mm = shown.reduce((sum, roll) => sum + roll.width_mm, 0) + drawn.tray.width_mm;
  const tallest_mm = Math.max(drawn.tray.depth_mm, ...shown.map(({ length_mm }) => length_mm));
  const pxPerMm = Math.min((width - SPACE_PX * (shown.length + 1)) / all_mm, TALLEST_PX / tallest_mm);
  const later = drawn.rolls.slice(3).reduce((sum, { pieces }) => sum + pieces, 0);
  const { trays, per_tray, scrap_g } = prediction.yield;
  return (
    <>
      <div className="flex flex-wrap items-start" style={{ gap: SPACE_PX }}>
        {shown.map((roll, i) => (
          <figure key={i}>
            <figcaption className="pb-1 text-[13.5px]">
              <strong className="text-dough">{i === 0 ? 'First roll' : `Re-roll ${i}`}</strong>{' '}
              <span className="whitespace-nowrap">{roll.pieces} pieces</span>
            </figcaption>
            <PiecesOnSheet
              outline={drawn.outline}
              width_mm={roll.width_mm}
              height_mm={roll.length_mm}
              rim_mm={drawn.edge_mm}
              placed={roll.placed}
              count={Math.ceil(roll.pieces / roll.sheets)}
              ground="dough"
              pxPerMm={pxPerMm}
              title={`${i === 0 ? 'First roll' : `Re-roll ${i}`}: ${roll.pieces} pieces`}
            />
            <p className="pt-1 text-[13px] text-soft">
              {roll.sheets > 1 ? `${roll.sheets} sheets of ` : ''}
              {Math.round(roll.width_mm)} × {Math.round(roll.length_mm)} mm
            </p>
          </figure>
        ))}
        <figure className="ml-auto">
          <figcaption className="pb-1 text-[13.5px]">
            <strong className="text-heat">One tray</strong> {per_tray} fit
          </figcaption>
          <PiecesOnSheet
            outline={drawn.outline}
            width_mm={drawn.tray.width_mm}
            height_mm={drawn.tray.depth_mm}
            rim_mm={drawn.tray.margin_mm}
            placed={drawn.tray.placed}
            count={per_tray}
            ground="tray"
            pxPerMm={pxPerMm}
            title={`One tray: ${per_tray} pieces fit`}
          />
          <p className="pt-1 text-[13px] text-soft">
            {trays} trays, about {Math.ceil(prediction.yield.pieces / trays)} on each
          </p>
        </figure>
      </div>
      <p className="pt-2 text-[14px]">
        {later > 0 && <>{later} more from later re-rolls, </>}
        {drawn.pressed > 0 && <>{drawn.pressed} pressed by hand from the last scraps, </>}
        {scrap_g.toFixed(0)} g left over. Pieces from re-rolls are a little tougher: they carry bench flour and more kneading.
      </p>
    </>
  );
}

function Slab({ drawn, width }: { readonly drawn: SlabDrawing; readonly width: number }): ReactNode {
  const [pan_w, pan_d] = drawn.pan_mm;
  const pxPerMm = Math.min((width - SPACE_PX) / (2 * pan_w), TALLEST_PX / pan_d);
  const lines = (rows: number): ReactNode => {
    const bottom = pan_d - drawn.trim_mm;
    const top = bottom - rows * drawn.piece_mm[1];
    return (
      <>
        {Array.from({ length: drawn.columns + 1 }, (_, i) => drawn.trim_mm + i * drawn.piece_mm[0]).map((x) => (
          <line
            key={`c${x}`}
            x1={x}
            x2={x}
            y1={top}
            y2={bottom}
            className="stroke-dough"
            strokeWidth={1 / pxPerMm}
            strokeDasharray={`${4 / pxPerMm} ${2 / pxPerMm}`}
          />
        ))}
        {Array.from({ length: rows + 1 }, (_, i) => bottom - i * drawn.piece_mm[1]).map((y) => (
          <line
            key={`r${y}`}
            x1={drawn.trim_mm}
            x2={pan_w - drawn.trim_mm}
            y1={y}
            y2={y}
            className="stroke-dough"
            strokeWidth={1 / pxPerMm}
            strokeDasharray={`${4 / pxPerMm} ${2 / pxPerMm}`}
          />
        ))}
      </>
    );
  };
  const full = drawn.lastRows > 0 ? drawn.pans - 1 : drawn.pans;
  const pans = [
    ...(full > 0 ? [{ name: full === 1 ? 'One full pan' : `${full} full pans`, rows: drawn.rows }] : []),
    ...(drawn.lastRows > 0 ? [{ name: 'The last pan', rows: drawn.lastRows }] : []),
  ];
  return (
    <>
      <div className="flex items-start" style={{ gap: SPACE_PX }}>
        {pans.map(({ name, rows }) => (
          <figure key={name}>
            <figcaption className="pb-1 text-[13.5px]">
              <strong className="text-dough">{name}</strong> {drawn.columns} × {rows} pieces
            </figcaption>
            <svg
              width={pan_w * pxPerMm}
              height={pan_d * pxPerMm}
              viewBox={`0 0 ${pan_w} ${pan_d}`}
              role="img"
              aria-label={`${name}: ${drawn.columns} by ${rows} pieces`}
            >
              <rect width={pan_w} height={pan_d} rx={12} strokeWidth={1.4 / pxPerMm} className="fill-enamel stroke-rim" />
              <rect
                x={2}
                y={Math.max(2, pan_d - rows * drawn.piece_mm[1] - 2 * drawn.trim_mm)}
                width={pan_w - 4}
                height={Math.min(pan_d - 4, rows * drawn.piece_mm[1] + 2 * drawn.trim_mm)}
                rx={8}
                className="fill-dough-pale"
              />
              {lines(rows)}
            </svg>
          </figure>
        ))}
      </div>
      <p className="pt-2 text-[14px]">
        Score it so that every piece is {drawn.piece_mm[0].toFixed(1)} × {drawn.piece_mm[1].toFixed(1)} mm: that uses the slab up,
        and there is nothing to re-roll.
      </p>
    </>
  );
}
