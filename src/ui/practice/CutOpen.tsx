import { useMemo, useState, type ReactNode } from 'react';
import type { Verdict } from '@/core/practice';
import { chartScale, minuteTicks } from '../batch/heat/chart-scale';
import { CutThroughPicture } from '../batch/heat/CutThroughPicture';
import { duration, moisture, temperature } from '../format/units';
import { useSize } from '../kit/use-size';

/** A minute further right than this would be cut [px]. */
const ROOM_PX = 24;

/** The inside of the piece over the whole bake: what was wet while it was thought to be dry. */
export function CutOpen({ verdict: { cut } }: { readonly verdict: Verdict }): ReactNode {
  const [box, { width }] = useSize<HTMLDivElement>({ width: 300, height: 0 });
  const last = cut.minutes[cut.minutes.length - 1];
  const [at, setAt] = useState(last);
  const picture = useMemo(
    () => ({
      minutes: cut.minutes,
      cells: cut.cells,
      moisture_pct: Float64Array.from(cut.moisture_pct),
      temperature_c: Float64Array.from(cut.temperature_c),
      height_mm: Float64Array.from(cut.height_mm),
    }),
    [cut],
  );
  const scale = useMemo(() => chartScale(Math.max(240, width), [last]), [width, last]);
  const row = Math.max(
    0,
    cut.minutes.findLastIndex((minute) => minute <= at + 1e-6),
  );
  const middle = row * cut.cells + Math.floor(cut.cells / 2);
  return (
    <div ref={box} className="min-w-0 overflow-hidden">
      <CutThroughPicture picture={picture} scale={scale} scrub={at} onScrub={setAt} />
      <div aria-hidden className="relative h-5 text-[12px] text-soft">
        {minuteTicks(scale)
          .filter((minute) => scale.x(minute) < scale.right - ROOM_PX)
          .map((minute) => (
            <span key={minute} className="absolute -translate-x-1/2 whitespace-nowrap" style={{ left: scale.x(minute) }}>
              {duration(minute)}
            </span>
          ))}
      </div>
      <label className="flex items-center gap-3 text-[14px] text-soft">
        <span className="whitespace-nowrap">at {duration(Math.round(at))}</span>
        <input
          type="range"
          min={0}
          max={last}
          step={last / 120}
          value={at}
          onChange={({ target }) => setAt(Number(target.value))}
          aria-label="Minute of the bake"
          aria-valuetext={`${duration(Math.round(at))}: middle ${moisture(cut.moisture_pct[middle])}`}
          className="w-full accent-current"
        />
        <span className="whitespace-nowrap">
          middle {moisture(cut.moisture_pct[middle])}, {temperature(cut.temperature_c[middle])}
        </span>
      </label>
    </div>
  );
}
