'use client';
import { Suspense, lazy, useEffect, useState, type ReactNode } from 'react';
import type { Result } from '@/core/failure';
import type { Cooling } from '@/core/prediction';
import { Alert } from '../kit/Alert';
import { CautionsOf } from '../kit/CautionMark';
import { duration, temperature, mass, warmer } from '../format/units';
import { BenchHead } from './BenchHead';
import type { BenchProps } from './bench-props';
import { FinishTable } from './finish/FinishTable';
import { KITCHEN } from '@/core/document';

const CoolingCharts = lazy(() => import('./cool/CoolingCharts').then(({ CoolingCharts: charts }) => ({ default: charts })));

/** The cooling station: how long and where, what the piece will be once it is cold, and what a night on the rack does. */
export function CoolBench({ document, edits, nominal, questions }: BenchProps): ReactNode {
  const [cooling, setCooling] = useState<Result<Cooling | null> | null>(null);
  useEffect(() => {
    let open = true;
    void questions.cooling(document).then((answer) => open && setCooling(answer));
    return () => {
      open = false;
    };
  }, [document, questions]);
  const { heat, outcome, yield: out, cautions } = nominal.prediction;
  const last = heat.timeline[heat.timeline.length - 1];
  const facts: ReadonlyArray<readonly [string, string, string]> = [
    [
      'On the rack',
      duration(heat.cooling_minutes),
      `from ${temperature(last.core_c)} until it is within ${warmer(5)} of the kitchen: only then into a closed pack`,
    ],
    [
      'When cold',
      outcome.texture,
      outcome.soft_while_hot
        ? 'it is still soft when it comes out: test one cold before baking on'
        : 'it is about as firm when it comes out',
    ],
    [
      'A tray full',
      mass(out.per_tray * out.piece_raw_g),
      `of raw pieces should weigh ${mass(out.per_tray * out.piece_final_g)} now: the scale is the best dampness meter in the kitchen`,
    ],
  ];
  return (
    <div className="flex flex-col gap-3">
      <BenchHead title="Cool & finish" about="cold before it is coated, bagged, judged or fed" />
      <FinishTable {...{ document, edits, nominal }} />
      <dl className="grid gap-3 sm:grid-cols-3">
        {facts.map(([name, figure, words]) => (
          <div key={name} className="rounded-2xl border border-hair bg-enamel px-4 py-2.5">
            <dt className="text-[14px] text-soft">{name}</dt>
            <dd>
              <strong className="font-display text-[22px]">{figure}</strong>
              <p className="pt-1 text-[14px] leading-snug">{words}</p>
            </dd>
          </div>
        ))}
      </dl>
      {cooling?.ok === false && <Alert>{cooling.message}</Alert>}
      {cooling?.ok && cooling.value && (
        <Suspense fallback={<p className="grid h-[300px] place-items-center text-soft">Drawing how it cools …</p>}>
          <CoolingCharts cooling={cooling.value} room_c={document.kitchen?.room_c ?? KITCHEN.fields.room_c.default} />
        </Suspense>
      )}
      <CautionsOf cautions={cautions} steps={['pack']} />
    </div>
  );
}
