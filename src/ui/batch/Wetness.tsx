import type { ReactNode } from 'react';
import { cssColour } from './heat/water-colours';
import type { RibbonPoint } from './ribbon';

type WetnessProps = { readonly id: string; readonly points: readonly RibbonPoint[]; readonly length: number };

/** How wet it is along the line, as colours. */
export const Wetness = ({ id, points, length }: WetnessProps): ReactNode => (
  <defs>
    <linearGradient id={id} gradientUnits="userSpaceOnUse" x1="0" x2={length}>
      {points.map(({ x, wet }, i) => (
        <stop key={i} offset={x / Math.max(length, 1)} stopColor={cssColour(wet)} />
      ))}
    </linearGradient>
  </defs>
);
