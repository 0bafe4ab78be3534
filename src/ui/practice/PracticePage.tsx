'use client';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import type { PracticeView } from '@/contract/practice';
import { applianceName, PACK_NAMES, STORE_NAMES } from '../format/words';
import { dialHere, heatWord } from '../format/dial-words';
import { BAKES_A_ROUND } from '@/core/practice';
import { counted } from '@/core/quantities';
import { duration, fineLength, mass, span } from '../format/units';
import { Alert } from '../kit/Alert';
import { Facts } from '../kit/Facts';
import { PageHead } from '../kit/PageHead';
import { Panel } from '../kit/Panel';
import { PageTitle } from '../shell/PageTitle';
import { ActBar } from './ActBar';
import { ClockBar } from './ClockBar';
import { Guess } from './Guess';
import { OvenWindow, WindowWords } from './OvenWindow';
import { LESSON_WORDS } from './practice-words';
import { SeenList } from './SeenList';
import { usePractice } from './use-practice';
import { VerdictPanels } from './VerdictPanels';

/** One practice bake: the window, what may be done, what was seen; afterwards the piece cut open. */
export function PracticePage(first: PracticeView): ReactNode {
  const practising = usePractice(first);
  const { view, clock, busy, trouble, act, judge } = practising;
  const { lesson, name, bake, standing, verdict, acts } = view;
  const title = lesson ? LESSON_WORDS[lesson].name : name;
  const isOut = acts.some(({ do: done }) => done === 'out');
  const says = lesson ? `${name} · bake ${bake ?? 1} of ${BAKES_A_ROUND}` : 'practised, not baked';
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4 max-sm:px-3">
      <PageTitle>{`Practise: ${title}`}</PageTitle>
      <PageHead title={title} says={says}>
        <Link href="/practice" className="text-[14.5px] underline">
          All lessons
        </Link>
      </PageHead>
      <Alert className="mb-3">{trouble}</Alert>
      {verdict ? (
        <VerdictPanels verdict={verdict} view={view} />
      ) : (
        <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-3 lg:grid-cols-[minmax(0,1fr)_22rem]">
          <Panel label="The oven" className="flex flex-col gap-3 px-5 py-4 max-sm:px-3">
            {!isOut && <ClockBar clock={clock} busy={busy} />}
            <OvenWindow
              of={view.window}
              aspect={view.brief.thickness_mm / view.brief.width_mm}
              clock={clock}
              lit={!standing.off && !isOut}
            />
            <WindowWords of={view.window} clock={clock} />
            {isOut ? <Guess goal={view.goal} busy={busy} onGuess={judge} /> : <ActBar practising={practising} onAct={act} />}
          </Panel>
          <div className="flex flex-col gap-3">
            <SeenList view={view} clock={clock} />
            <Brief view={view} />
          </div>
        </div>
      )}
    </main>
  );
}

/** What is baked, what is wanted of it, and what the recipe says. */
function Brief({ view }: { readonly view: PracticeView }): ReactNode {
  const { brief, goal, lesson } = view;
  const { pack } = brief;
  return (
    <Panel label="What is wanted" className="px-5 py-4">
      <h2 className="pb-1 text-[19px]">What is wanted</h2>
      {lesson && <p className="pb-2 text-[14.5px] text-soft">{LESSON_WORDS[lesson].learn}</p>}
      <Facts
        facts={[
          ['in', applianceName(brief.appliance)],
          ['pieces', `${counted(brief.pieces, 'piece')}, ${mass(brief.raw_g)} raw`],
          ['meant to be', `${fineLength(brief.thickness_mm)} thick`],
          ['keeps', `${span(goal.days)}, ${PACK_NAMES[pack.option]}, ${STORE_NAMES[pack.store]}`],
          ['bite', goal.pick ? 'set, a clean pick' : goal.crisp ? 'crisp when cold' : 'soft'],
          ['the recipe', <Programme key="p" brief={brief} />],
        ]}
      />
    </Panel>
  );
}

function Programme({ brief }: Pick<PracticeView, 'brief'>): ReactNode {
  const parts = brief.programme.flatMap(({ do: step, minutes, setpoint_c }) => {
    if (setpoint_c !== null && minutes !== null)
      return [`${heatWord(setpoint_c, dialHere(), brief.appliance)} for ${duration(minutes)}`];
    if (step === 'off') return [`off ${duration(minutes ?? 0)}`];
    return step === 'turn' ? ['turn'] : step === 'stir' ? ['stir'] : step === 'move' ? ['move'] : [];
  });
  return <span className="font-normal">{parts.join(', ')}</span>;
}
