import { useState, type ReactNode } from 'react';
import { Link } from '../kit/Link';
import type { PracticeView } from '@/contract/practice';
import { BAKES_A_ROUND, type Verdict } from '@/core/practice';
import { duration, mass, moisture, moistureRange, span } from '../format/units';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { Table } from '../kit/Table';
import { CutOpen } from './CutOpen';
import { PIECE_WORDS, guessWords, hiddenWords, shareWords, shortOf, wayWords } from './practice-words';
import { beginPractice } from './use-practice';

type VerdictProps = { readonly verdict: Verdict; readonly view: PracticeView };

/** The piece cut open, and how good the bake was against the best with the same knowledge. */
export const VerdictPanels = ({ verdict, view }: VerdictProps): ReactNode => (
  <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]" data-verdict>
    <div className="flex flex-col gap-3">
      <Panel label="Cut open" className="px-5 py-4 max-sm:px-3">
        <CutOpen verdict={verdict} />
        <Ended verdict={verdict} />
      </Panel>
      <WouldHaveTold verdict={verdict} />
      <Panel label="What was hidden" className="px-5 py-4 text-[15px]">
        <h2 className="pb-1 text-[19px]">What was hidden</h2>
        <p>{hiddenWords(verdict).join('; ') || 'Hardly anything: it was nearly as the recipe says.'}</p>
      </Panel>
    </div>
    <div className="flex flex-col gap-3 max-lg:order-first">
      <Judged verdict={verdict} />
      <GoOn view={view} />
    </div>
  </div>
);

function Judged({ verdict }: Pick<VerdictProps, 'verdict'>): ReactNode {
  const { share, best, days, pieces, out_minute, goal } = verdict;
  const short = shortOf(verdict);
  return (
    <Panel label="Judged" className="px-5 py-4">
      <p className="font-display text-[38px] leading-none font-semibold text-crunch">
        {Math.round(100 * share)} <span className="text-[17px] text-soft">of 100</span>
      </p>
      <p className="pt-1 font-semibold">{shareWords(share)}</p>
      <p className="pb-2 text-[14.5px]">{short.length === 0 ? 'It came out as wanted.' : `This time: ${short.join('; ')}.`}</p>
      <Table label="Yours and the best" heads={['', 'yours', 'the best with what you knew']}>
        <tbody>
          <Row name="keeps" yours={span(days)} best={span(best.days)} />
          <Row name="colour" yours={pieces[0].colour} best={best.colour} />
          <Row name="out at" yours={duration(Math.round(out_minute))} best={duration(Math.round(best.out_minute))} />
        </tbody>
      </Table>
      <p className="pt-2 text-[14px] text-soft">
        The best: {wayWords(best)}. Wanted: {span(goal.days)}. The table tells how both go in this one bake; the figure is over
        all bakes that would have shown you the same.
      </p>
    </Panel>
  );
}

const Row = ({ name, yours, best }: Readonly<Record<'name' | 'yours' | 'best', string>>): ReactNode => (
  <tr className="border-t border-hair align-top">
    <th scope="row" className="whole py-1 pr-3 text-left font-normal text-soft">
      {name}
    </th>
    <td data-head="yours" className="py-1 pr-3 font-semibold">
      {yours}
    </td>
    <td data-head="the best with what you knew" className="py-1">
      {best}
    </td>
  </tr>
);

/** How every judged piece really ended. */
const Ended = ({ verdict: { pieces } }: Pick<VerdictProps, 'verdict'>): ReactNode => (
  <ul className="pt-3 text-[15px]">
    {pieces.map(({ piece, moisture_pct, centre_moisture_pct, texture, days }) => (
      <li key={piece} className="flex flex-wrap gap-x-4 border-t border-hair py-1.5 first:border-0">
        <span className="text-soft">{PIECE_WORDS[piece]}</span>
        <span>
          <strong>{moisture(moisture_pct)}</strong> water, {moisture(centre_moisture_pct)} in the middle
        </span>
        <span>{texture}</span>
        <span className="text-soft">keeps {span(days)}</span>
      </li>
    ))}
  </ul>
);

/** What a weighing would have told, and whether the guess was right. */
function WouldHaveTold({ verdict }: Pick<VerdictProps, 'verdict'>): ReactNode {
  const { weighing, believed, guess, goal } = verdict;
  return (
    <Panel label="What could be known" className="px-5 py-4 text-[15px]">
      <h2 className="pb-1 text-[19px]">What could be known</h2>
      <p>
        You said {guessWords(guess.said, goal)} in the middle; it was{' '}
        {guess.said === guess.was ? 'so.' : `${guessWords(guess.was, goal)}.`}
      </p>
      <p className="pt-1.5">
        By what you had seen, four of five bakes like it held <strong>{moistureRange(believed.low, believed.high)}</strong> of
        water.
      </p>
      <p className="pt-1.5">
        A tray weighed as they came out would have shown {mass(weighing.grams)} of {mass(weighing.raw_g)}: then it is{' '}
        <strong>{moistureRange(weighing.low, weighing.high)}</strong>.
      </p>
    </Panel>
  );
}

function GoOn({ view }: Pick<VerdictProps, 'view'>): ReactNode {
  const { lesson, bake } = view;
  const [trouble, setTrouble] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const again = async (): Promise<void> => {
    setGoing(true);
    const wrong = await beginPractice(lesson ? { lesson } : { batch_id: view.batch_id ?? '' });
    setTrouble(wrong);
    if (wrong !== null) setGoing(false);
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {(lesson !== null || view.batch_id !== null) && (
        <Button look="main" disabled={going} onClick={() => void again()}>
          {lesson && bake !== null && bake < BAKES_A_ROUND ? `Bake ${bake + 1} of ${BAKES_A_ROUND}` : 'Bake another'}
        </Button>
      )}
      <Link href="/practice" className={buttonClass()}>
        All lessons
      </Link>
      <Alert look="line">{trouble}</Alert>
    </div>
  );
}
