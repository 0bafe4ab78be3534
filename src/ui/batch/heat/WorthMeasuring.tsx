'use client';
import { Link } from '../../kit/Link';
import type { ReactNode } from 'react';
import type { WorthMeasuringView } from '@/contract/explanation';
import type { BatchDocument } from '@/core/document';
import { DRY_TEST_G, type Measurement, type WorthMeasuring as Worth } from '@/core/explain';
import { duration, mass, span } from '../../format/units';
import { Alert } from '../../kit/Alert';
import { Button } from '../../kit/Button';
import { useAsked } from '../../kit/use-asked';

/** How each is done, and the place where it is entered. */
const HOW: Readonly<Record<Measurement, () => ReactNode>> = {
  thickness: () => 'measure ten raw pieces, or roll between guides',
  oven: () => (
    <>
      take two readings with a thermometer in the empty oven, in the{' '}
      <Link className="underline" href="/kit">
        kit
      </Link>
    </>
  ),
  water: () => `dry ${mass(DRY_TEST_G)} of it hard, and weigh it again`,
  'half-time': () => (
    <>
      weigh a tray at half-time,{' '}
      <Link className="underline" href="/oven">
        at the oven
      </Link>
    </>
  ),
};
/** Narrower than this is not worth the work [1]. */
const WORTH_IT = 0.03;

/** Before baking: which one measurement would narrow the end most. Asked for, since it takes a second or two. */
export function WorthMeasuring({ document }: { readonly document: BatchDocument }): ReactNode {
  const [asked, ask] = useAsked<WorthMeasuringView>('/api/worth-measuring', document);
  if (asked.kind === 'wrong') return <Alert look="line">{asked.message}</Alert>;
  if (asked.kind !== 'told')
    return (
      <Button look="small" disabled={asked.kind === 'asking'} onClick={ask}>
        {asked.kind === 'asking' ? 'Trying every measurement …' : 'What is worth measuring?'}
      </Button>
    );
  const { worth } = asked.told;
  const worthIt = worth.filter(({ minutes_now, minutes_then }) => minutes_then < (1 - WORTH_IT) * minutes_now);
  return (
    <div role="status" className="rounded-2xl border border-hair px-3 py-2 text-[14px]">
      <p>
        <strong>Worth measuring</strong>
        {worth[0] && (
          <span className="text-soft">
            {' '}
            · now the moment when it is as dry as planned lies within {duration(worth[0].minutes_now)} in four of five batches
          </span>
        )}
      </p>
      {worthIt.length === 0 && <p className="text-soft">No single measurement would narrow it much.</p>}
      <ul>
        {worthIt.map((one) => (
          <MeasurementLine key={one.measurement} one={one} />
        ))}
      </ul>
    </div>
  );
}

function MeasurementLine({ one }: { readonly one: Worth }): ReactNode {
  const { measurement, minutes_now, minutes_then, days_now, days_then } = one;
  const more = days_then - days_now;
  return (
    <li className="border-t border-hair py-1 first:border-0" data-measurement={measurement}>
      <span className="flex flex-wrap items-baseline justify-between gap-x-3">
        <span>{HOW[measurement]()}</span>
        <span>
          <strong>{duration(minutes_now - minutes_then)} narrower</strong>
          {more >= 1 && <span className="text-soft">, {span(more)} more to count on</span>}
        </span>
      </span>
      <span aria-hidden className="mt-0.5 block h-1.5 rounded-full bg-water-pale">
        <span
          className="block h-1.5 rounded-full bg-water"
          style={{ width: `${(100 * (minutes_now - minutes_then)) / minutes_now}%` }}
        />
      </span>
    </li>
  );
}
