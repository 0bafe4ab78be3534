'use client';
import { counted } from '@/core/quantities';
import { Suspense, lazy, type ComponentProps, type ReactNode } from 'react';
import { onItsTray } from '@/core/yield';
import { finishingFrom, type BatchDocument } from '@/core/document';
import { type Prediction } from '@/core/prediction';
import { heatWord } from '../../format/dial-words';
import { duration, mass, ranged } from '../../format/units';
import { CautionsOf } from '../../kit/CautionMark';
import { Choice } from '../../kit/Choice';
import { useSize } from '../../kit/use-size';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { dialHere } from '../../format/dial-words';
import { BatterDeep } from './BatterDeep';
import { HandGap } from './HandGap';
import { HowThick } from './HowThick';
import { LevelPicker } from './LevelPicker';
import { OwnOutline } from './OwnOutline';
import { ShapeFields } from './ShapeFields';
import { LeftOver, SheetWords } from './SheetWords';
import { SheetPictures } from './SheetPictures';
import { SizeForDogs } from './SizeForDogs';
import { TemplateMenu } from './TemplateMenu';
import { ThickestOfTen } from './ThickestOfTen';
import { METHOD_WORDS } from './method-words';

// What only some ways of shaping have.
const CakePictures = lazy(() => import('./CakePictures').then((one) => ({ default: one.CakePictures })));
const HollowPictures = lazy(() => import('./HollowPictures').then((one) => ({ default: one.HollowPictures })));
const LoosePictures = lazy(() => import('./LoosePictures').then((one) => ({ default: one.LoosePictures })));
const SlabPictures = lazy(() => import('./SlabPictures').then((one) => ({ default: one.SlabPictures })));
const OtherPan = lazy(() => import('./OtherPan').then((one) => ({ default: one.OtherPan })));

/** The shape station: how thick and how big, how many come out, and where they lie. */
export function ShapeBench(props: BenchProps): ReactNode {
  const { document, edits, nominal, banded, dogs } = props;
  const { shape } = document;
  const { prediction, drawing } = nominal;
  const out = (banded ?? prediction).yield;
  const given_mm = shape.method === 'roll-and-cut' ? shape.gap_mm : undefined;
  const gap_mm = given_mm ?? (drawing.shape.kind === 'sheet' ? drawing.shape.gap_mm : 0);
  return (
    <div className="flex flex-col gap-2.5">
      <BenchHead title="Shape" about={aboutOf(prediction, out)}>
        {shape.method === 'roll-and-cut' && (
          <OwnOutline
            onPath={(svg_path) => edits.set(['shape', 'cutter'], { svg_path, length_mm: shape.cutter?.length_mm ?? 50 })}
          />
        )}
        {drawing.shape.kind === 'sheet' && (
          <TemplateMenu
            document={document}
            name={document.name ?? document.recipe.name ?? 'Batch'}
            drawn={drawing.shape}
            thickness_mm={prediction.yield.piece_thickness_mm}
          />
        )}
        <Choice
          label="Method"
          shown={false}
          value={shape.method}
          options={METHOD_WORDS}
          onChange={(method) => method !== shape.method && edits.set(['shape'], { method })}
        />
      </BenchHead>
      <ShapeFields shape={onItsTray(document)} gap_mm={gap_mm} set={edits.set} />
      {shape.method === 'roll-and-cut' && (
        <LevelPicker
          level={shape.layout ?? 'hand'}
          search={props.search}
          provisional={prediction.yield.provisional}
          onLevel={(level) => edits.set(['shape', 'layout'], level)}
        />
      )}
      <Drawn nominal={nominal} />
      <SheetWords
        out={prediction.yield}
        template={shape.method === 'roll-and-cut' && shape.layout === 'tightest'}
        onRollTo={(width_mm) => edits.set(['shape', 'roll_width_mm'], width_mm)}
      />
      <LeftOver out={prediction.yield} />
      {shape.method === 'score-slab' && <HowThick {...{ shape, prediction, edits }} />}
      {shape.method === 'cake' && <Batter {...{ shape, prediction, edits }} />}
      <CleanAfter prediction={prediction} document={document} />
      {drawing.shape.kind === 'sheet' && <HandGap {...props} first={prediction.yield.first_roll?.pieces ?? 1} />}
      <ThickestOfTen banded={banded} usual_mm={prediction.yield.piece_thickness_mm} />
      {shape.method !== 'cake' && <SizeForDogs dogs={dogs} sides_mm={sidesOf(nominal)} />}
      <CautionsOf cautions={prediction.cautions} steps={['shape']} />
    </div>
  );
}

const aboutOf = ({ yield: { piece_raw_g } }: Prediction, { pieces, pieces_low, pieces_high }: Prediction['yield']): string =>
  pieces_low === pieces_high
    ? `${counted(pieces, 'portion')} of ${mass(piece_raw_g, 0)} raw`
    : `${ranged(pieces_low, pieces_high, 'piece')} as hands and dough vary · ${mass(piece_raw_g, 1)} raw`;

/** Sides of one piece as it lies, longer first. */
function sidesOf({ drawing: { shape }, prediction }: BenchProps['nominal']): [number, number] {
  const sides = ((): [number, number] => {
    switch (shape.kind) {
      case 'sheet':
        return boxOf(shape.outline);
      case 'slab':
        return [shape.piece_mm[0], shape.piece_mm[1]];
      case 'loose':
        return boxOf(shape.tray.outline);
      case 'hollows':
        return [shape.side_mm, Math.max(shape.side_mm, shape.depth_mm)];
      case 'cake':
        return [shape.width_mm, shape.length_mm];
    }
  })();
  const all = [...sides, prediction.yield.piece_thickness_mm].sort((a, b) => b - a);
  return [all[0], all[1]];
}

function boxOf(outline: ReadonlyArray<readonly [number, number]>): [number, number] {
  const size = (axis: 0 | 1): number => Math.max(...outline.map((p) => p[axis])) - Math.min(...outline.map((p) => p[axis]));
  return [size(0), size(1)];
}

/** When a pick comes out clean, beside how long it is baked. */
function CleanAfter({ prediction, document }: { readonly prediction: Prediction; readonly document: BatchDocument }): ReactNode {
  const dial = dialHere();
  const { clean_minutes } = prediction.heat;
  const { steps, appliance } = document.heat;
  const holds = steps.slice(0, finishingFrom(steps)).filter((step) => step.do === 'hold');
  if (clean_minutes === null || holds.length === 0) return null;
  const heats = holds.map(({ setpoint_c }) => heatWord(setpoint_c, dial, appliance?.kind ?? 'static-oven'));
  return (
    <p className="text-[14px]">
      At {heats.join(', then ')} <strong>a pick comes out clean after about {duration(clean_minutes)}</strong>; the programme
      holds it for {duration(holds.reduce((sum, { minutes }) => sum + minutes, 0))}.
    </p>
  );
}

type BatterProps = Pick<ComponentProps<typeof OtherPan>, 'shape' | 'edits'> & { readonly prediction: Prediction };

/** How deep the batter of a cake stands, and what another pan would take. */
const Batter = ({ shape, prediction, edits }: BatterProps): ReactNode => (
  <>
    <BatterDeep {...{ prediction, edits }} />
    <Suspense>
      <OtherPan shape={shape} dough={prediction.dough} edits={edits} />
    </Suspense>
  </>
);

/** Where the pieces lie, drawn as wide as there is room. */
function Drawn({ nominal }: Pick<BenchProps, 'nominal'>): ReactNode {
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 860, height: 0 });
  const { shape } = nominal.drawing;
  const { prediction } = nominal;
  return (
    <div ref={ref}>
      {shape.kind === 'sheet' && <SheetPictures drawn={shape} prediction={prediction} width={width} />}
      <Suspense>
        {shape.kind === 'slab' && <SlabPictures drawn={shape} width={width} />}
        {shape.kind === 'loose' && <LoosePictures drawn={shape} prediction={prediction} width={width} />}
        {shape.kind === 'hollows' && <HollowPictures drawn={shape} prediction={prediction} />}
        {shape.kind === 'cake' && <CakePictures drawn={shape} prediction={prediction} />}
      </Suspense>
    </div>
  );
}
