'use client';
import type { ReactNode } from 'react';
import { CautionsOf } from '../../kit/CautionMark';
import { Choice } from '../../kit/Choice';
import { useWidth } from '../../kit/use-width';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { ShapeFields } from './ShapeFields';
import { SheetPictures } from './SheetPictures';
import { SlabPictures } from './SlabPictures';

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
      <ShapeFields shape={shape} set={edits.set} />
      <Drawn likely={likely} />
      <CautionsOf cautions={likely.prediction.cautions} steps={['shape']} />
    </div>
  );
}

/** Where the pieces lie, drawn as wide as there is room. */
function Drawn({ likely }: Pick<BenchProps, 'likely'>): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(860);
  const { sheets } = likely.drawing;
  return (
    <div ref={ref}>
      {sheets.kind === 'sheet' ? (
        <SheetPictures drawn={sheets} prediction={likely.prediction} width={width} />
      ) : (
        <SlabPictures drawn={sheets} width={width} />
      )}
    </div>
  );
}
