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
      <ul className="text-[14.5px]">
        {liked.map(({ recipe, dogs }) => (
          <li key={recipe} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hair py-1.5">
            <strong className="w-64 max-sm:w-full">{recipe}</strong>
            {dogs
              .filter(({ said }) => said.length > 0)
              .map(({ dog, said }) => (
                <span key={dog} className="inline-flex min-w-48 items-center gap-2">
                  <span className="text-soft">{dog}</span>
                  <Said said={said} />
                </span>
              ))}
          </li>
        ))}
      </ul>
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
