import type { ReactNode } from 'react';
import type { JarView, ShelfView } from '@/contract/jars';
import { day, mass } from '../format/units';
import { PACK_NAMES } from '../format/words';
import { SHELVES, untilWords } from './jar-view';

type JarsPrintProps = { readonly shelves: readonly ShelfView[]; readonly today: string };

/** The store room on paper, shelf by shelf, with a box to tick while counting. Only printed, never on the screen. */
export function JarsPrint({ shelves, today }: JarsPrintProps): ReactNode {
  return (
    <table className="hidden w-full border-collapse text-[10.5pt] print:table" aria-label="The store room on paper">
      <thead>
        <tr className="border-b-2 border-rim text-left">
          {['counted', 'treat', 'lot', 'pack', 'left', 'best before', ''].map((head) => (
            <th key={head} className="py-1 pr-3">
              {head || <span className="sr-only">how long</span>}
            </th>
          ))}
        </tr>
      </thead>
      {shelves
        .filter(({ jars }) => jars.length > 0)
        .map(({ store, jars, packs }) => (
          <tbody key={store}>
            <tr>
              <th colSpan={7} scope="rowgroup" className="pt-2 text-left font-display text-[13pt] font-semibold">
                {SHELVES[store]} {jars.length < packs && `(${jars.length} of ${packs} packs)`}
              </th>
            </tr>
            {jars.map((jar) => (
              <PackRow key={jar.id} jar={jar} today={today} />
            ))}
          </tbody>
        ))}
    </table>
  );
}

function PackRow({ jar, today }: { readonly jar: JarView; readonly today: string }): ReactNode {
  return (
    <tr className="border-b border-hair align-top">
      <td className="py-1 pr-2">
        <span aria-hidden className="inline-block size-3.5 rounded-sm border border-rim" />
      </td>
      <td className="py-1 pr-3 font-semibold">{jar.name}</td>
      <td className="py-1 pr-3 whitespace-nowrap">{jar.lot}</td>
      <td className="py-1 pr-3">
        {PACK_NAMES[jar.option].toLowerCase()}
        {jar.opened && ', open'}
      </td>
      <td className="py-1 pr-3 whitespace-nowrap">
        {jar.left_over} of {jar.pieces}, {mass(jar.left_over * jar.piece_g)}
      </td>
      <td className="py-1 pr-3 whitespace-nowrap">{day(jar.use_by)}</td>
      <td className="py-1">
        {untilWords(jar, today)}
        {jar.is_first && '; use this first'}
      </td>
    </tr>
  );
}
