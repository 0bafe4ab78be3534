import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { DemandView, WantedTreat } from '@/contract/demand';
import { counted } from '@/core/quantities';
import { day, ranged } from '../format/units';
import { Panel } from '../kit/Panel';
import { Table } from '../kit/Table';

/** How much to bake: what will be wanted, what the store gives of it, and the batches that meet the rest. */
export function WantedPanel({ weeks_ahead, treats, too_few, least_weeks }: DemandView): ReactNode {
  if (treats.length + too_few.length === 0) return null;
  return (
    <Panel label="What will be wanted" className="px-4 pt-3 pb-3">
      <h2 className="text-[17px]">What will be wanted</h2>
      {treats.length > 0 && (
        <>
          <p className="pb-2 text-[13.5px] text-soft">
            From what was eaten, given and sold, week by week; four of five weeks lie in the band. A plain forecast: it knows no
            holiday and no new customer.
          </p>
          <Table
            label="What will be wanted"
            heads={['treat', 'a week', 'in store', 'lasts', `to bake for ${counted(weeks_ahead, 'week')}`]}
          >
            <tbody>
              {treats.map((one) => (
                <WantedRow key={one.treat} one={one} weeksAhead={weeks_ahead} />
              ))}
            </tbody>
          </Table>
        </>
      )}
      {too_few.length > 0 && (
        <p className="pt-2 text-[13.5px] text-soft">
          Too little was taken yet to say anything of {too_few.join(', ')}: it takes {counted(least_weeks, 'week')}, and some
          taken in three of them.
        </p>
      )}
    </Panel>
  );
}

function WantedRow({ one, weeksAhead }: { readonly one: WantedTreat; readonly weeksAhead: number }): ReactNode {
  const { treat, recipe_id, next, store, bake, weeks } = one;
  return (
    <tr className="border-t border-hair align-top" data-wanted={treat}>
      <th scope="row" className="whole py-1 pr-3 text-left font-semibold">
        {recipe_id === null ? treat : <Link href={`/recipes/${recipe_id}`}>{treat}</Link>}
      </th>
      <td data-head="a week" className="py-1 pr-3 whitespace-nowrap" title={`from ${counted(weeks, 'week')}`}>
        <strong>{Math.round(next.likely)}</strong>{' '}
        <span className="text-[13.5px] text-soft">{ranged(Math.floor(next.low), Math.ceil(next.high), 'piece')}</span>
      </td>
      <td data-head="in store" className="py-1 pr-3">
        {store.in_store}
        {store.left_on_their_day > 0 && (
          <span className="block text-[13.5px] text-mind">{store.left_on_their_day} reach their day first</span>
        )}
      </td>
      <td data-head="lasts" className="py-1 pr-3 whitespace-nowrap">
        {store.lasts_until === null
          ? `over ${counted(weeksAhead, 'week')}`
          : store.in_store === 0
            ? 'none left'
            : `until ${day(store.lasts_until)}`}
      </td>
      <td data-head="to bake" className="py-1">
        {store.short === 0
          ? 'nothing'
          : bake === null
            ? counted(store.short, 'piece')
            : `${counted(bake.batches, 'batch', 'batches')} of ${bake.pieces}`}
      </td>
    </tr>
  );
}
