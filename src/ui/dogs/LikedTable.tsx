import type { ReactNode } from 'react';
import type { LikedTreat } from '@/contract/dogs';
import { Panel } from '../kit/Panel';

/** How much of the bowl each answer leaves: the better it was liked, the emptier [0..1]. */
const LEFT_IN_BOWL: Readonly<Record<string, number>> = { 'wolfed it': 0, 'took it': 0.25, 'thought about it': 0.6, 'left it': 1 };

type LikedTableProps = { readonly liked: readonly LikedTreat[] };

/** Which dog liked what: a bowl for each, licked clean or left full. Nothing where nobody wrote it down. */
export function LikedTable({ liked }: LikedTableProps): ReactNode {
  if (liked.length === 0) return null;
  return (
    <Panel label="What they made of it" className="overflow-x-auto px-4 py-3">
      <h2 className="text-[17px]">What they made of it</h2>
      <p className="pb-2 text-[13.5px] text-soft">From the log: an empty bowl was wolfed, a full one left.</p>
      <table className="stacked w-full text-[14.5px]">
        <thead>
          <tr className="text-left text-[13.5px] text-soft">
            <th className="py-1 pr-3 font-normal">treat</th>
            {liked[0].dogs.map(({ dog }) => (
              <th key={dog} className="py-1 pr-3 font-normal">
                {dog}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {liked.map(({ recipe, dogs }) => (
            <tr key={recipe} className="border-t border-hair">
              <th scope="row" className="whole py-1 pr-3 text-left font-semibold">
                {recipe}
              </th>
              {dogs.map(({ dog, said }) => (
                <td key={dog} data-head={said.length > 0 ? dog : undefined} className="py-1 pr-3 align-middle">
                  {said.length > 0 && <Said said={said} />}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Panel>
  );
}

type SaidProps = { readonly said: LikedTreat['dogs'][number]['said'] };

function Said({ said }: SaidProps): ReactNode {
  const times = said.reduce((sum, one) => sum + one.times, 0);
  const left = said.reduce((sum, one) => sum + one.times * (LEFT_IN_BOWL[one.verdict] ?? 0.5), 0) / times;
  return (
    <span className="inline-flex items-center gap-2">
      <Bowl left={left} />
      <span>{said.map((one) => `${one.verdict}${one.times > 1 ? ` ${one.times} times` : ''}`).join(', ')}</span>
    </span>
  );
}

/** A dog's bowl from the side, with what is left in it. */
const Bowl = ({ left }: { readonly left: number }): ReactNode => (
  <svg aria-hidden width={30} height={20} viewBox="0 0 30 20" className="shrink-0">
    {left > 0.02 && <path d={`M5 8a10 ${2 + 6 * left} 0 0 1 20 0z`} className="fill-dough" />}
    <path
      d="M3 8h24l2.6 9a1.4 1.4 0 0 1 -1.4 1.8h-26.4a1.4 1.4 0 0 1 -1.4 -1.8z"
      className="fill-enamel stroke-rim"
      strokeWidth={1.4}
    />
  </svg>
);
