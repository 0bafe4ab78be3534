'use client';
import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import { span } from '../format/units';
import { firstToEnd, shownKeeps } from './shown-keeps';

type OutcomeBarProps = {
  readonly nominal: Prediction;
  readonly banded: Prediction | null;
  readonly bandIsOld: boolean;
};

/** Where the plate of what comes out has no room beside the bench: its three figures stay, and lead to it. */
export function OutcomeBar({ nominal, banded, bandIsOld }: OutcomeBarProps): ReactNode {
  const drawn = bandIsOld ? null : banded;
  const keeps = shownKeeps(nominal, banded, bandIsOld);
  const first = keeps[firstToEnd(keeps)];
  const figures = [
    { name: 'makes', figure: counted(nominal.yield.pieces, 'piece'), hue: 'text-dough' },
    { name: 'snap', figure: (drawn?.outcome.snap_low ?? nominal.outcome.snap).toFixed(1), hue: 'text-crunch' },
    { name: 'keeps', figure: span(drawn ? first.days_low : first.days), hue: 'text-keep' },
  ];
  return (
    <a
      href="#what-comes-out"
      className="sticky bottom-2 z-20 short:static flex flex-wrap justify-around gap-x-2 rounded-2xl border-[1.6px] border-rim bg-face px-3 py-1 max-sm:bottom-[calc(62px+env(safe-area-inset-bottom))] lg:hidden print:hidden"
    >
      <span className="sr-only">What comes out: </span>
      {figures.map(({ name, figure, hue }) => (
        <span key={name} className="whitespace-nowrap">
          <span className="text-[13.5px] text-soft">{name}</span>{' '}
          <strong className={`font-display text-[18px] ${hue}`}>{figure}</strong>
        </span>
      ))}
    </a>
  );
}
