import type { ReactNode } from 'react';
import { steamAt, type RibbonPoint } from './ribbon';

type SteamProps = { readonly points: readonly RibbonPoint[]; readonly y: number };

/** Steam where water leaves the line. */
export const Steam = ({ points, y }: SteamProps): ReactNode =>
  steamAt(points).map((x) => (
    <path key={x} d={`M${x} ${y}c-5 -4 5 -6 0 -12`} className="fill-none stroke-water" strokeWidth={1.6} strokeLinecap="round" />
  ));
