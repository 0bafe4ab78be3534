import type { LogEntryView } from '@/contract/log';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { Difference } from '@/core/document';
import { day, duration, length, moisture } from '../format/units';
import { buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { differenceWords } from './difference-words';
import { MeasuredBeside } from './MeasuredBeside';

type CompareBatchesProps = {
  readonly entries: readonly LogEntryView[];
  readonly changes: ReadonlyArray<readonly Difference[]>;
  readonly names: Readonly<Record<string, string>>;
};

type Row = readonly [what: string, of: (row: LogEntryView) => ReactNode];
const ROWS: readonly Row[] = [
  ['baked', ({ baked_on }) => (baked_on ? day(baked_on) : 'planned')],
  ['oven', ({ oven }) => oven ?? '–'],
  ['in the heat', ({ measured }) => (measured?.minutes ? duration(measured.minutes) : '–')],
  ['raw thickness', ({ measured }) => (measured?.thickness_mm ? length(measured.thickness_mm, 1) : '–')],
  [
    'pieces',
    ({ comparison, forecast }) =>
      comparison?.pieces ? <MeasuredBeside of={comparison.pieces} unit="" digits={0} /> : `${forecast.pieces} predicted`,
  ],
  [
    'lost in the heat',
    ({ comparison, forecast }) =>
      comparison?.loss_pct ? (
        <MeasuredBeside of={comparison.loss_pct} unit=" %" digits={1} />
      ) : (
        `${forecast.mass_loss_pct.toFixed(1)} % predicted`
      ),
  ],
  [
    'water left',
    ({ comparison, forecast }) =>
      comparison?.moisture_pct ? (
        <MeasuredBeside of={comparison.moisture_pct} unit=" %" digits={1} />
      ) : (
        `${moisture(forecast.moisture_pct)} predicted`
      ),
  ],
  ['texture', ({ comparison, forecast }) => comparison?.texture?.measured ?? `${forecast.texture} predicted`],
  ['colour', ({ measured }) => measured?.colour ?? '–'],
  ['dogs', ({ measured }) => (measured?.dogs ?? []).map(({ dog, verdict }) => `${dog} ${verdict}`).join(', ') || '–'],
  ['note', ({ measured }) => measured?.note || '–'],
];

/** Batches side by side: what came out of each, and what was done otherwise than in the first. */
export function CompareBatches({ entries, changes, names }: CompareBatchesProps): ReactNode {
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-5">
      <header className="flex flex-wrap items-baseline gap-x-4 pb-4">
        <h1 className="text-[27px]">Side by side</h1>
        <p className="text-soft">bold is measured, under it what was predicted</p>
        <span className="flex-1" />
        <Link href="/log" className={buttonClass()}>
          Whole log
        </Link>
      </header>
      <Panel label="Batches side by side" className="overflow-x-auto px-4 py-3">
        <table className="w-full border-collapse text-[15px]">
          <thead>
            <tr className="text-left align-bottom [&>th]:px-3 [&>th]:pb-2">
              <td />
              {entries.map(({ id, name, recipe }) => (
                <th key={id} className="font-normal">
                  <Link href={`/log/${id}`} className="font-display text-[17px] font-semibold hover:underline">
                    {name}
                  </Link>
                  {recipe && <span className="block text-[14px] text-soft">{recipe}</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROWS.map(([what, of]) => (
              <tr key={what} className="border-t border-hair align-top [&>td]:px-3 [&>td]:py-1.5">
                <th scope="row" className="px-3 py-1.5 text-left font-normal text-soft">
                  {what}
                </th>
                {entries.map((entry) => (
                  <td key={entry.id}>{of(entry)}</td>
                ))}
              </tr>
            ))}
            <tr className="border-t-[1.6px] border-rim align-top [&>td]:px-3 [&>td]:py-1.5">
              <th scope="row" className="px-3 py-1.5 text-left font-normal text-soft">
                done otherwise
              </th>
              {entries.map(({ id }, i) => (
                <td key={id} data-changes>
                  {i === 0 ? (
                    <span className="text-soft">the others are held against this one</span>
                  ) : (
                    <Changes of={changes[i]} names={names} />
                  )}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </Panel>
      <p className="pt-3 text-[14px] text-soft">
        In brackets the bar that four of five batches should fall in. The forecast is the one of before each bake.
      </p>
    </main>
  );
}

function Changes({
  of,
  names,
}: {
  readonly of: readonly Difference[];
  readonly names: Readonly<Record<string, string>>;
}): ReactNode {
  if (of.length === 0) return <span className="text-soft">nothing</span>;
  return (
    <ul>
      {of.map((difference, i) => (
        <li key={i}>{differenceWords(difference, (id) => names[id] ?? id)}</li>
      ))}
    </ul>
  );
}
