import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { TodayView } from '@/contract/today';
import { counted } from '@/core/quantities';
import { mass } from '../format/units';
import { money } from '../format/money';
import { Panel } from '../kit/Panel';

const ACTS: ReadonlyArray<{ readonly act: string; readonly name: string; readonly look: string }> = [
  { act: 'packed', name: 'made', look: 'bg-dough' },
  { act: 'eaten', name: 'eaten', look: 'bg-moss' },
  { act: 'given', name: 'given away', look: 'bg-crunch-fill' },
  { act: 'sold', name: 'sold', look: 'bg-keep' },
  { act: 'discarded', name: 'discarded', look: 'bg-soft/60' },
];

/** Treats made, and where they went: bars of one scale, each with its number. Nothing where nothing happened. */
export function MonthPanel({ days, currency, totals }: TodayView['month']): ReactNode {
  const of = (act: string): TodayView['month']['totals'][number] | undefined => totals.find((one) => one.act === act);
  const most = Math.max(...totals.map(({ pieces }) => pieces));
  const rows = ACTS.map((row) => ({ ...row, total: of(row.act) })).filter(({ total }) => (total?.pieces ?? 0) > 0);
  if (rows.length === 0) return null;
  return (
    <Panel label="Made and gone" className="px-5 py-4">
      <h2 className="flex items-baseline justify-between pb-1 text-[19px]">
        Made and gone in {counted(days, 'day')}
        <Link className="font-text text-[14.5px] font-normal underline" href="/jars">
          All jars
        </Link>
      </h2>
      <table className="w-full text-[15px]">
        <tbody>
          {rows.map(({ act, name, look, total }) => (
            <tr key={act}>
              <th scope="row" className="w-28 py-1 pr-3 text-left font-normal max-sm:w-24">
                {name}
              </th>
              <td aria-hidden>
                <span
                  className={`block h-3 rounded-full ${look}`}
                  style={{ width: `max(4px, ${(100 * (total?.pieces ?? 0)) / most}%)` }}
                />
              </td>
              <td className="w-40 py-1 pl-3 text-right whitespace-nowrap max-sm:w-32">
                <strong>{total?.pieces}</strong>{' '}
                <span className="text-soft">
                  {act === 'sold' && (total?.price ?? 0) > 0
                    ? `for ${money(total?.price ?? 0, currency)}`
                    : mass(total?.grams ?? 0)}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Panel>
  );
}
