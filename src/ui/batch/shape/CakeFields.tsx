import type { ReactNode } from 'react';
import { type Shape, SHAPES } from '@/core/catalogue';
import { PAN_SHAPES } from '@/core/shaping';
import { Choice } from '../../kit/Choice';
import { PAN_NAMES, usualPan } from './pan-words';
import { ShapeNumber, type Set } from './ShapeNumber';

type Cake = Extract<Shape, { method: 'cake' }>;
const PANS = PAN_SHAPES.map((value) => ({ value, name: PAN_NAMES[value] }));

const { biscuit_mm, gap_mm } = SHAPES.cake.fields.border.fields;
const USUAL_BORDER = { biscuit_mm: biscuit_mm.default, gap_mm: gap_mm.default };

/** Everything about a cake: its pan, its layers, and what goes on and between them. */
export function CakeFields({ shape, set }: { readonly shape: Cake; readonly set: Set }): ReactNode {
  const kind = shape.pan?.shape ?? 'round';
  const pan = { ...usualPan(kind), ...shape.pan };
  const { border } = shape;
  return (
    <>
      <Choice label="Pan" value={kind} options={PANS} onChange={(next) => set(['shape', 'pan'], { shape: next })} />
      <ShapeNumber
        label={kind === 'round' || kind === 'ring' ? 'across' : 'wide'}
        shape={shape}
        at={['pan', 'width_mm']}
        usual={pan.width_mm}
        set={set}
      />
      {pan.length_mm !== undefined && (
        <ShapeNumber label="long" shape={shape} at={['pan', 'length_mm']} usual={pan.length_mm} set={set} />
      )}
      {kind === 'ring' && <ShapeNumber label="hole" shape={shape} at={['pan', 'hole_mm']} usual={pan.hole_mm} set={set} />}
      <ShapeNumber label="deep" shape={shape} at={['pan', 'depth_mm']} usual={pan.depth_mm} set={set} />
      <ShapeNumber label="Layers" shape={shape} at={['layers']} set={set} />
      <ShapeNumber label="cut from one pan" shape={shape} at={['layers_per_pan']} set={set} />
      <ShapeNumber label="Portions" shape={shape} at={['portions']} set={set} />
      <span className="basis-full" />
      <ShapeNumber label="Level off" shape={shape} at={['level_mm']} set={set} />
      <ShapeNumber label="Trim round" shape={shape} at={['trim_mm']} set={set} />
      <ShapeNumber label="Filling" shape={shape} at={['frosting', 'between_mm']} set={set} />
      <ShapeNumber label="Crumb coat" shape={shape} at={['frosting', 'crumb_mm']} set={set} />
      <ShapeNumber label="Second coat" shape={shape} at={['frosting', 'coat_mm']} set={set} />
      <ShapeNumber label="Piping" shape={shape} at={['frosting', 'piping_g']} set={set} />
      <ShapeNumber label="Tub of" shape={shape} at={['frosting', 'tub_g']} set={set} />
      <label className="inline-flex cursor-pointer items-center gap-1.5">
        <input
          type="checkbox"
          className="accent-heat"
          checked={border !== undefined}
          onChange={({ target }) => set(['shape', 'border'], target.checked ? USUAL_BORDER : undefined)}
        />
        Biscuits round the side
      </label>
      {border && (
        <>
          <ShapeNumber label="each" shape={shape} at={['border', 'biscuit_mm']} unit="mm wide" set={set} />
          <ShapeNumber label="at least" shape={shape} at={['border', 'gap_mm']} unit="mm apart" set={set} />
        </>
      )}
    </>
  );
}
