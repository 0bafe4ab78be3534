import type { ReactNode } from 'react';
import type { Shape } from '@/core/catalogue';
import { PAN_SHAPES } from '@/core/shaping';
import { Choice } from '../../kit/Choice';
import { PAN_NAMES, usualPan } from './pan-words';
import { Mm, type Set } from './Mm';

type Cake = Extract<Shape, { method: 'cake' }>;
const PANS = PAN_SHAPES.map((value) => ({ value, name: PAN_NAMES[value] }));
const COAT = [0, 30] as const;
const SIDE = [40, 600] as const;

/** Everything about a cake: its pan, its layers, and what goes on and between them. */
export function CakeFields({ shape, set }: { readonly shape: Cake; readonly set: Set }): ReactNode {
  const kind = shape.pan?.shape ?? 'round';
  const pan = { ...usualPan(kind), ...shape.pan };
  const { frosting = {}, border } = shape;
  return (
    <>
      <Choice label="Pan" value={kind} options={PANS} onChange={(next) => set(['shape', 'pan'], { shape: next })} />
      <Mm
        label={kind === 'round' || kind === 'ring' ? 'across' : 'wide'}
        value={pan.width_mm}
        limits={SIDE}
        at={['pan', 'width_mm']}
        set={set}
      />
      {pan.length_mm !== undefined && <Mm label="long" value={pan.length_mm} limits={SIDE} at={['pan', 'length_mm']} set={set} />}
      {kind === 'ring' && <Mm label="hole" value={pan.hole_mm ?? 60} limits={[0, 400]} at={['pan', 'hole_mm']} set={set} />}
      <Mm label="deep" value={pan.depth_mm} limits={[15, 80]} at={['pan', 'depth_mm']} set={set} />
      <Mm label="Layers" value={shape.layers ?? 2} limits={[1, 12]} unit="" width="w-4" at={['layers']} set={set} />
      <Mm
        label="cut from one pan"
        value={shape.layers_per_pan ?? 1}
        limits={[1, 6]}
        unit=""
        width="w-4"
        at={['layers_per_pan']}
        set={set}
      />
      <Mm label="Portions" value={shape.portions ?? 8} limits={[1, 500]} unit="" width="w-6" at={['portions']} set={set} />
      <span className="basis-full" />
      <Mm label="Level off" value={shape.level_mm ?? 3} limits={[0, 40]} at={['level_mm']} set={set} />
      <Mm label="Trim round" value={shape.trim_mm ?? 0} limits={[0, 60]} at={['trim_mm']} set={set} />
      <Mm label="Filling" value={frosting.between_mm ?? 4} limits={COAT} step={0.5} at={['frosting', 'between_mm']} set={set} />
      <Mm label="Crumb coat" value={frosting.crumb_mm ?? 1} limits={COAT} step={0.5} at={['frosting', 'crumb_mm']} set={set} />
      <Mm label="Second coat" value={frosting.coat_mm ?? 3} limits={COAT} step={0.5} at={['frosting', 'coat_mm']} set={set} />
      <Mm
        label="Piping"
        value={frosting.piping_g ?? 0}
        limits={[0, 5000]}
        step={5}
        unit="g"
        at={['frosting', 'piping_g']}
        set={set}
      />
      <Mm
        label="Tub of"
        value={frosting.tub_g ?? 200}
        limits={[10, 10000]}
        step={10}
        unit="g"
        at={['frosting', 'tub_g']}
        set={set}
      />
      <label className="inline-flex cursor-pointer items-center gap-1.5">
        <input
          type="checkbox"
          className="accent-heat"
          checked={border !== undefined}
          onChange={({ target }) => set(['shape', 'border'], target.checked ? { biscuit_mm: 25, gap_mm: 3 } : undefined)}
        />
        Biscuits round the side
      </label>
      {border && (
        <>
          <Mm
            label="each"
            value={border.biscuit_mm ?? 25}
            limits={[5, 200]}
            unit="mm wide"
            at={['border', 'biscuit_mm']}
            set={set}
          />
          <Mm label="at least" value={border.gap_mm ?? 3} limits={[0, 100]} unit="mm apart" at={['border', 'gap_mm']} set={set} />
        </>
      )}
    </>
  );
}
