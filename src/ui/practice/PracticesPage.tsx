'use client';
import { Link } from '../kit/Link';
import { useState, type ReactNode } from 'react';
import type { LessonView, PracticeListView } from '@/contract/practice';
import { counted } from '@/core/quantities';
import { day } from '../format/units';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { PageTitle } from '../shell/PageTitle';
import { LESSON_WORDS } from './practice-words';
import { beginPractice } from './use-practice';

/** Where bakes are practised: lessons in working order, how each went, and batches of one's own. */
export function PracticesPage({ lessons, bakes_a_round, own }: PracticeListView): ReactNode {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const begin = async (lesson: string): Promise<void> => {
    setGoing(true);
    const wrong = await beginPractice({ lesson });
    setTrouble(wrong);
    if (wrong !== null) setGoing(false);
  };
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4 max-sm:px-4">
      <PageTitle>Practise</PageTitle>
      <PageHead title="Practise" says="Bake without flour: a piece in your oven, of which you see only what a kitchen shows." />
      <Alert className="mb-3">{trouble}</Alert>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <Panel label="Lessons" className="px-5 py-4">
          <h2 className="text-[19px]">Lessons</h2>
          <p className="pb-2 text-[14.5px] text-soft">
            In every bake something is other than the recipe says, as far as it may be: thickness, water, dial or pace. A lesson
            is judged over {counted(bakes_a_round, 'bake')}; luck earns nothing.
          </p>
          <ol>
            {lessons.map((one, i) => (
              <LessonLine key={one.lesson} one={one} number={i + 1} perRound={bakes_a_round} going={going} onBegin={begin} />
            ))}
          </ol>
        </Panel>
        <div className="flex flex-col gap-3">
          <Panel label="A batch of your own" className="px-5 py-4">
            <h2 className="text-[19px]">A batch of your own</h2>
            <p className="text-[14.5px] text-soft">
              Open a batch, go to Heat and press Practise this bake: the same dough and oven, before any flour is spent.
            </p>
            <ul className="pt-1 text-[14.5px]">
              {own.map(({ id, name, begun_at, share }) => (
                <li key={id} className="flex flex-wrap justify-between gap-x-3 border-t border-hair py-1.5 first:border-0">
                  <Link href={`/practice/${id}`} className="font-semibold underline">
                    {name}
                  </Link>
                  <span className="text-soft">
                    {day(begun_at.slice(0, 10))} · {share === null ? 'in the oven' : `${Math.round(100 * share)} of 100`}
                  </span>
                </li>
              ))}
            </ul>
          </Panel>
          <Panel label="How it is judged" className="px-5 py-4 text-[14.5px]">
            <h2 className="text-[19px]">How it is judged</h2>
            <p className="text-soft">
              By what you could know. Every world that shows what you saw is baked as well; your way and the best way are valued
              over all of them. 100 of 100 is the best that anybody could have done with what you knew, whether it then went well
              or not.
            </p>
          </Panel>
        </div>
      </div>
    </main>
  );
}

type LessonLineProps = {
  readonly one: LessonView;
  readonly number: number;
  readonly perRound: number;
  readonly going: boolean;
  readonly onBegin: (lesson: string) => Promise<void>;
};

function LessonLine({ one, number, perRound, going, onBegin }: LessonLineProps): ReactNode {
  const { lesson, recipe, round, rounds, open } = one;
  const { name, learn } = LESSON_WORDS[lesson];
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1.5 border-t border-hair py-2.5 first:border-0" data-lesson={lesson}>
      <span aria-hidden className="w-7 text-right font-display text-[22px] text-soft">
        {number}
      </span>
      <div className="min-w-60 flex-1">
        <h3 className="text-[17px]">{name}</h3>
        <p className="text-[14.5px]">{learn}</p>
        <p className="text-[13.5px] text-soft">baked from {recipe}</p>
      </div>
      <Round round={round} perRound={perRound} rounds={rounds} />
      {open ? (
        <Link href={`/practice/${open}`} className={buttonClass()} aria-label={`Go on with ${name}`}>
          Go on
        </Link>
      ) : (
        <Button disabled={going} onClick={() => void onBegin(lesson)} aria-label={`Bake: ${name}`}>
          Bake
        </Button>
      )}
    </li>
  );
}

/** A round of bakes, and what the whole ones came to. */
function Round({ round, perRound, rounds }: Pick<LessonView, 'round' | 'rounds'> & { readonly perRound: number }): ReactNode {
  const words = `${round.length} of ${perRound} baked${round.length > 0 ? `: ${round.map((share) => Math.round(100 * share)).join(', ')} of 100` : ''}`;
  return (
    <div className="w-44 text-[13.5px]">
      <span role="img" aria-label={words} className="flex h-8 items-end gap-1">
        {Array.from({ length: perRound }, (_, i) => (
          <span key={i} aria-hidden className="relative h-full flex-1 overflow-hidden rounded-md bg-hair/60">
            {i < round.length && (
              <span
                className="absolute inset-x-0 bottom-0 bg-crunch-fill"
                style={{ height: `${Math.max(6, 100 * round[i])}%` }}
              />
            )}
          </span>
        ))}
      </span>
      <span className="text-soft">
        {rounds.length === 0
          ? `${round.length} of ${perRound}`
          : `rounds: ${rounds.map(({ share }) => Math.round(100 * share)).join(', ')} of 100`}
      </span>
    </div>
  );
}
