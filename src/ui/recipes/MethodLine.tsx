import { counted } from '@/core/quantities';
import type { RecipeView } from '@/contract/recipes';
import type { ReactNode } from 'react';
import { duration, mass, span } from '../format/units';
import { feelName } from '../format/words';

const WIDTH = 600;
const HEIGHT = 30;
const TALLEST = 26;

/** The line from bowl to jar in small: each station with its result, and the water narrowing through them. */
export function MethodLine({ card }: { readonly card: RecipeView['card'] }): ReactNode {
  const left_g = (card.finished_g * card.moisture_pct) / 100;
  const stations: ReadonlyArray<readonly [string, string]> = [
    ['Weigh', mass(card.dough_g)],
    ['Mix', feelName(card.feel)],
    ['Shape', counted(card.pieces, 'piece')],
    ['Heat', duration(card.minutes)],
    ['Ends', card.texture],
    ['Keeps', `likely ${span(card.keeps_days)}`],
  ];
  const tall = (water_g: number): number => Math.max(2, (TALLEST * water_g) / card.water_g);
  const [wide, thin] = [tall(card.water_g), tall(left_g)];
  const middle = HEIGHT / 2;
  const [from, to] = [WIDTH * 0.5, WIDTH * 0.72];
  const bend = (from + to) / 2;
  const path = `M0 ${middle - wide / 2} H${from} C${bend} ${middle - wide / 2} ${bend} ${middle - thin / 2} ${to} ${middle - thin / 2} H${WIDTH} V${middle + thin / 2} H${to} C${bend} ${middle + thin / 2} ${bend} ${middle + wide / 2} ${from} ${middle + wide / 2} H0 Z`;
  return (
    <div>
      <ol className="grid grid-cols-3 gap-x-3 gap-y-1 text-[13.5px]">
        {stations.map(([name, result]) => (
          <li key={name} className="min-w-0">
            <span className="block text-soft">{name}</span>
            <strong className="block font-display text-[16px]" title={result}>
              {result}
            </strong>
          </li>
        ))}
      </ol>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        className="mt-1 h-7 w-full"
        role="img"
        aria-label={`${mass(card.water_g, 0)} water in the dough, ${mass(left_g, 0)} left at the end`}
      >
        <path d={path} className="fill-water" />
      </svg>
      <p className="flex justify-between text-[13px] text-water">
        <span>{mass(card.water_g, 0)} water in</span>
        <span>{mass(left_g, 0)} stays</span>
      </p>
    </div>
  );
}
