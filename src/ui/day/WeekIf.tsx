'use client';
import type { ReactNode } from 'react';
import type { WeekIfRow, WeekIfView } from '@/contract/week';
import { counted } from '@/core/quantities';
import { day, duration, midSentence } from '../format/units';
import { money } from '../format/money';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { Table } from '../kit/Table';
import { useAsked } from '../kit/use-asked';

/** What if: the days of the coming week with one thing otherwise, planned anew. Asked for, since it takes some seconds. */
export function WeekIf(): ReactNode {
  const [asked, ask] = useAsked<WeekIfView>('/api/week-if');
  return (
    <Panel label="What if" className="px-4 py-3 text-[14.5px] print:hidden">
      <h2 className="text-[18px]">What if?</h2>
      {asked.kind !== 'told' && (
        <>
          <p className="pb-2 text-soft">
            The coming week once more, as it is saved: with another oven, with the mixing done the evening before, with twice the
            work.
          </p>
          <Button disabled={asked.kind === 'asking'} onClick={ask}>
            {asked.kind === 'asking' ? 'Planning the week each way …' : 'Try it'}
          </Button>
        </>
      )}
      {asked.kind === 'wrong' && <Alert look="line">{asked.message}</Alert>}
      {asked.kind === 'told' && <Told {...asked.told} />}
    </Panel>
  );
}

function Told({ days, currency, rows, never_sold, left_out }: WeekIfView): ReactNode {
  const [now, ...others] = rows;
  const pricey = now.cost !== null;
  const sells = now.income !== null;
  return (
    <div role="status">
      <p className="pb-1 text-soft">
        {days.map(day).join(', ')}: {counted(now.pieces, 'piece')}
      </p>
      <Table
        label="The week, each way"
        heads={[
          '',
          'pieces',
          'the longest day',
          'hands',
          'late',
          'energy',
          ...(pricey ? ['costs'] : []),
          ...(sells ? ['would sell for'] : []),
        ]}
      >
        <tbody>
          {[now, ...others].map((row) => (
            <Row key={keyOf(row)} row={row} now={now} currency={currency} pricey={pricey} sells={sells} />
          ))}
        </tbody>
      </Table>
      <p className="pt-1 text-[13px] text-soft">
        Each way is planned anew, by a shorter search than a day itself.
        {sells && never_sold > 0 && ` ${counted(never_sold, 'piece')} are of a kind that was never sold, and bring nothing here.`}
        {left_out.length > 0 && ` Left out, since they cannot be worked out: ${left_out.join(', ')}.`}
      </p>
    </div>
  );
}

const keyOf = ({ change, machine_name }: WeekIfRow): string => `${change.kind} ${machine_name ?? ''}`;

/** What is otherwise, in words. */
function changeWords({ change, machine_name }: WeekIfRow): string {
  switch (change.kind) {
    case 'none':
      return 'as planned';
    case 'another':
      return `another ${midSentence(machine_name ?? 'machine')}`;
    case 'mix-before':
      return 'mixed the evening before';
    case 'more-hands':
      return 'another pair of hands';
    case 'twice':
      return machine_name === null ? 'twice of everything' : `the same with another ${midSentence(machine_name)}`;
  }
}

type RowProps = {
  readonly row: WeekIfRow;
  readonly now: WeekIfRow;
  readonly currency: string;
  readonly pricey: boolean;
  readonly sells: boolean;
};

function Row({ row, now, currency, pricey, sells }: RowProps): ReactNode {
  const { change, pieces, longest_min, hands_min, evening_min, late_min, impossible, energy_kwh, cost, income } = row;
  const isNow = change.kind === 'none';
  return (
    <tr className={`border-t border-hair align-top ${isNow ? 'font-semibold' : ''}`} data-what-if={change.kind}>
      <th scope="row" className="whole py-1 pr-3 text-left font-semibold">
        {changeWords(row)}
        {impossible > 0 && <span className="block text-stop">does not fit on {counted(impossible, 'day')}</span>}
      </th>
      <td data-head="pieces" className="py-1 pr-3">
        {pieces}
      </td>
      <td data-head="the longest day" className="py-1 pr-3 whitespace-nowrap">
        {duration(longest_min)}
        {!isNow && <Than by={longest_min - now.longest_min} />}
      </td>
      <td data-head="hands" className="py-1 pr-3 whitespace-nowrap">
        {duration(hands_min)}
        {evening_min > 0 && <span className="block text-[13px] text-soft">{duration(evening_min)} the evening before</span>}
      </td>
      <td data-head="late" className={`py-1 pr-3 whitespace-nowrap ${late_min > 0 ? 'text-stop' : ''}`}>
        {late_min > 0 ? duration(late_min) : 'none'}
      </td>
      <td data-head="energy" className="py-1 pr-3 whitespace-nowrap">
        {energy_kwh.toFixed(1)} kWh
      </td>
      {pricey && (
        <td data-head="costs" className="py-1 pr-3 whitespace-nowrap">
          {money(cost ?? 0, currency)}
        </td>
      )}
      {sells && (
        <td data-head="would sell for" className="py-1 whitespace-nowrap">
          {money(income ?? 0, currency)}
        </td>
      )}
    </tr>
  );
}

/** By how much longer or shorter than as planned; less than ten minutes is the search's own noise. */
const Than = ({ by }: { readonly by: number }): ReactNode =>
  Math.abs(by) < 10 ? null : (
    <span className={`block text-[13px] ${by < 0 ? 'text-moss' : 'text-mind'}`}>
      {duration(Math.abs(by))} {by < 0 ? 'shorter' : 'longer'}
    </span>
  );
