import type { ReactNode } from 'react';
import { GAP_PX } from './lane-scale';
import type { Lane } from './lanes';
import { wrapped } from './wrapped';

type LaneNameProps = { readonly lane: Lane; readonly top: number; readonly height: number; readonly width: number };

/** What fits beside a lane, and what two lines of it take. */
const NAME_LETTERS = 16;
const TWO_LINES_PX = 40;

/** Whose lane it is, and the line below it. */
export const LaneName = ({ lane: { name }, top, height, width }: LaneNameProps): ReactNode => (
  <>
    <text className="fill-ink font-semibold">
      {wrapped(name, NAME_LETTERS, height < TWO_LINES_PX ? 1 : 2).map((line, k) => (
        <tspan key={line} x={2} y={top + 17 + k * 16}>
          {line}
        </tspan>
      ))}
      <title>{name}</title>
    </text>
    <line x1={0} x2={width} y1={top + height - GAP_PX / 2} y2={top + height - GAP_PX / 2} className="stroke-hair" />
  </>
);
