import type { ReactNode } from 'react';
import type { RollAndCut } from '@/core/catalogue';
import type { OutlineName } from '@/core/shaping';
import { OUTLINES } from '../../format/words';
import { Choice } from '../../kit/Choice';
import { ShapeNumber, type Set } from './ShapeNumber';

const OWN = 'own';
type Shown = OutlineName | typeof OWN;

type CutterFieldsProps = {
  readonly label: string;
  readonly at: 'cutter' | 'mini';
  readonly shape: RollAndCut;
  readonly usual_mm: number;
  readonly set: Set;
};

/** Which cutter and how large: a built-in outline, or one's own from an SVG file. */
export function CutterFields({ label, at, shape, usual_mm, set }: CutterFieldsProps): ReactNode {
  const { outline = 'circle', svg_path, length_mm = usual_mm, width_mm } = shape[at] ?? {};
  const shown: Shown = svg_path === undefined ? outline : OWN;
  return (
    <>
      <Choice<Shown>
        label={label}
        value={shown}
        options={svg_path === undefined ? OUTLINES : [...OUTLINES, { value: OWN, name: 'your own' }]}
        onChange={(next) => next !== OWN && set(['shape', at], { outline: next, length_mm })}
      />
      <span className="inline-flex items-center gap-1">
        <ShapeNumber label={`${label} long`} shown={false} shape={shape} at={[at, 'length_mm']} usual={usual_mm} set={set} />
        {width_mm !== undefined && (
          <>
            ×
            <ShapeNumber label={`${label} wide`} shown={false} shape={shape} at={[at, 'width_mm']} set={set} />
          </>
        )}
      </span>
    </>
  );
}
