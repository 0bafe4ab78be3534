import { Bell, BellOff } from 'lucide-react';
import type { ReactNode } from 'react';
import type { PracticeView } from '@/contract/practice';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { useChime } from '../oven/use-chime';
import { duration } from '../format/units';
import type { BakeClock } from './bake-clock';
import { BY_WORDS, doneWords, seenWords } from './practice-words';
import { useMoment } from './use-moment';

type Line = { readonly at: number; readonly words: string; readonly by: string };
/** A piece that has cooled rings for so long [min]. */
const RINGS_MIN = 2;

/** What was done and found out, the newest first; a piece laid aside tells once it is cold. */
export function SeenList({ view, clock }: { readonly view: PracticeView; readonly clock: BakeClock }): ReactNode {
  const minute = useMoment(clock, 0.5) + 0.5;
  const known = view.seen.filter(({ known_at }) => known_at <= minute);
  const cooled = known.find(({ by, known_at }) => by === 'cool' && minute - known_at < RINGS_MIN);
  const { isOn, toggle } = useChime(cooled ? `cooled ${cooled.minute}` : null);
  const lines = linesOf(view, known);
  return (
    <Panel label="What you have seen" className="px-5 py-4">
      <div className="flex items-center justify-between gap-3 pb-1">
        <h2 className="text-[19px]">What you have seen</h2>
        {view.askings.includes('cool') && (
          <Button look="quiet" aria-pressed={isOn} onClick={toggle}>
            {isOn ? <Bell aria-hidden size={16} /> : <BellOff aria-hidden size={16} />}
            {isOn ? 'rings' : 'no sound'}
          </Button>
        )}
      </div>
      {lines.length === 0 && <p className="text-[14.5px] text-soft">Nothing yet but the window. Asking costs minutes.</p>}
      <ol aria-live="polite" className="max-h-80 overflow-y-auto text-[14.5px]" data-seen>
        {lines.map(({ at, words, by }, i) => (
          <li key={lines.length - i} className="flex gap-x-3 border-t border-hair py-1.5 first:border-0">
            <span className="w-16 shrink-0 text-soft tabular-nums">{duration(Math.round(at))}</span>
            <span className="flex-1">{words}</span>
            <span className="shrink-0 text-soft">{by}</span>
          </li>
        ))}
      </ol>
    </Panel>
  );
}

function linesOf({ acts }: PracticeView, known: PracticeView['seen']): Line[] {
  const done = acts.flatMap((act): Line[] => {
    const words = doneWords(act);
    return words === null ? [] : [{ at: act.minute, words, by: '' }];
  });
  // A nose tells anew only when it smells something else.
  const smells = known.filter(({ by }) => by === 'smell');
  const told = known.filter((one) => {
    const before = smells[smells.indexOf(one) - 1];
    return one.by !== 'smell' || before === undefined || seenWords(before) !== seenWords(one);
  });
  const seen = told.map((one): Line => ({ at: one.known_at, words: seenWords(one), by: BY_WORDS[one.by] }));
  return [...done, ...seen].sort((one, other) => other.at - one.at);
}
