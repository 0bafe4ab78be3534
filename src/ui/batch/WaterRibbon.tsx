'use client';
import type { ReactNode } from 'react';
import type { Nominal } from '@/workers/prediction-protocol';
import { mass } from '../format/units';
import { useSize } from '../kit/use-size';
import { Steam } from './Steam';
import { Wetness } from './Wetness';
import { ribbonOf, ribbonPath } from './ribbon';

const RIBBON_HEIGHT = 46;
const TALLEST = 38;
/** Beside the stations, where they stand under each other [px]. */
const UPRIGHT_WIDTH = 48;
const UPRIGHT_TALLEST = 36;

type RibbonProps = {
  readonly nominal: Nominal;
  /** The portion that the water is of; null where the bowl is not shared out. */
  readonly portion: string | null;
  /** The pack that is looked at, and the days that its treats are kept in it. */
  readonly pack: number;
  readonly days: number;
};

/** The water along the line: what is in the dough, what leaves, what stays. */
export function Ribbon({ nominal, portion, pack, days }: RibbonProps): ReactNode {
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 1228, height: RIBBON_HEIGHT });
  const points = ribbonOf({ ...nominal, pack, days }, width, TALLEST);
  const { start_g, end_g } = nominal.drawing.water;
  return (
    <div ref={ref} className="relative max-sm:hidden" style={{ height: RIBBON_HEIGHT }}>
      <svg width={width} height={RIBBON_HEIGHT} className="block">
        <title>{`Water along the line: ${mass(start_g, 0)} in the dough, ${mass(end_g, 0)} left after heat`}</title>
        <Wetness id="wetness" points={points} length={width} />
        <path d={ribbonPath(points, RIBBON_HEIGHT / 2 + 2)} fill="url(#wetness)" />
        <Steam points={points} y={13} />
      </svg>
      <span className="absolute top-[15px] left-3.5 text-[13px] font-semibold text-[#fdfbf6]">
        {mass(start_g, 0)} water in {mass(nominal.prediction.dough.mass_g)} {portion === null ? 'dough' : `for ${portion}`}
      </span>
      <span
        className="absolute top-0 rounded bg-face/85 px-1 text-[13px] font-semibold text-water"
        style={{ left: `${(100 / 7) * 4.1}%` }}
      >
        {mass(start_g - end_g, 0)} leaves in the heat
      </span>
      <span className="absolute top-0 right-3.5 rounded bg-face/85 px-1 text-[13px] font-semibold text-crunch">
        {mass(end_g, 0)} stays
      </span>
    </div>
  );
}

/** The same from top to bottom, beside stations that stand under each other. What it says in words stands at the stations. */
export function UprightRibbon({ nominal, pack, days }: RibbonProps): ReactNode {
  const [ref, { height }] = useSize<HTMLDivElement>({ width: UPRIGHT_WIDTH, height: 350 });
  const points = ribbonOf({ ...nominal, pack, days }, height, UPRIGHT_TALLEST);
  return (
    <div ref={ref} aria-hidden className="absolute inset-y-0 left-0 sm:hidden" style={{ width: UPRIGHT_WIDTH }}>
      <svg width={UPRIGHT_WIDTH} height={height} className="block">
        <g transform="matrix(0 1 1 0 0 0)">
          <Wetness id="wetness-upright" points={points} length={height} />
          <path d={ribbonPath(points, UPRIGHT_WIDTH / 2)} fill="url(#wetness-upright)" />
        </g>
      </svg>
    </div>
  );
}
