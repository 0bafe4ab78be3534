'use client';
import { counted } from '@/core/quantities';
import type { BakeView } from '@/contract/oven';
import type { TodayView } from '@/contract/today';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { callWords, wallClock } from '../oven/act-words';
import { toCome } from '../oven/oven-view';
import { dialHere } from '../format/dial-words';
import { weekday } from '../day/day-words';
import { clock, day, mass } from '../format/units';
import { freshness, untilWords } from '../jars/jar-view';
import { buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { useOvenChanges } from '../kit/use-oven-changes';
import { PageTitle } from '../shell/PageTitle';
import { MonthPanel } from './MonthPanel';

const CALLS_SHOWN = 6;

/** The kitchen at a glance: what is in which appliance, what to do next, what must be used, and when it is baked again. */
export function TodayPage(props: TodayView): ReactNode {
  const { today, now, bakes, appliances, jars, jars_in_all, lots, next, open, month } = props;
  useOvenChanges();
  return (
    <main className="mx-auto flex max-w-[1232px] flex-col gap-3 px-6 py-5">
      <PageTitle>Today</PageTitle>
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="text-[27px]">
          {weekday(today)}, {day(today)}
        </h1>
        <span className="flex-1" />
        <Link href="/practice" className="text-[14.5px] underline print:hidden">
          Practise a bake
        </Link>
        {open && (
          <Link href={`/batch/${open.id}`} className={`${buttonClass('main')} whitespace-normal!`}>
            Open {open.name}
          </Link>
        )}
      </header>
      {!open && <Begin />}
      <div className="grid items-start gap-3 lg:grid-cols-2">
        <div className="flex flex-col gap-3">
          <Appliances bakes={bakes} appliances={appliances} now={Date.parse(now)} />
          <UseSoon {...{ jars, jars_in_all, lots, today }} />
        </div>
        <div className="flex flex-col gap-3">
          <Hands bakes={bakes} now={Date.parse(now)} next={next} today={today} />
          <NextDay next={next} today={today} />
          <MonthPanel {...month} />
        </div>
      </div>
    </main>
  );
}

/** Nothing was baked yet: what to do first. */
const Begin = (): ReactNode => (
  <Panel label="Begin here" className="flex flex-wrap items-center gap-3 px-5 py-4">
    <div className="min-w-60 flex-1">
      <h2 className="text-[19px]">Begin with a recipe of yours</h2>
      <p className="text-soft">
        Paste it as it is written. What it gives in this kitchen stands beside it at once, and one press bakes it.
      </p>
    </div>
    <Link href="/recipes/new" className={buttonClass('main')}>
      Bring a recipe
    </Link>
    <Link href="/recipes" className={buttonClass()}>
      Open the book
    </Link>
  </Panel>
);

const LINE = 'flex flex-wrap items-baseline gap-x-3 border-t border-hair py-1.5 first:border-0';

function Appliances({ bakes, appliances, now }: Pick<TodayView, 'bakes' | 'appliances'> & { readonly now: number }): ReactNode {
  return (
    <Panel label="In the appliances" className="px-5 py-4">
      <h2 className="pb-1 text-[19px]">In the appliances</h2>
      <ul className="text-[15.5px]">
        {appliances.map(({ id, name }) => {
          const inside = bakes.filter((bake) => bake.stands.appliance === name && isIn(bake));
          return (
            <li key={id} className={LINE}>
              <span className="w-56">{name}</span>
              {inside.length === 0 ? (
                <span className="text-soft">free</span>
              ) : (
                inside.map((bake) => (
                  <span key={bake.batch}>
                    <strong>{bake.name}</strong> <span className="text-heat">until {wallClock(outAt(bake), now)}</span>
                  </span>
                ))
              )}
            </li>
          );
        })}
      </ul>
    </Panel>
  );
}

/** The call that takes out what went in last. */
function takeOut({ calls }: BakeView): BakeView['calls'][number] | undefined {
  const lastIn = calls.findLastIndex(({ call, done_at }) => call.act.do === 'put-in' && done_at !== null);
  return lastIn === -1 ? undefined : calls.slice(lastIn).find(({ call }) => call.act.do === 'take-out');
}
const isIn = (bake: BakeView): boolean => takeOut(bake)?.done_at === null;
const outAt = (bake: BakeView): number => Date.parse(takeOut(bake)?.due_at ?? '');

function Hands({ bakes, now, next, today }: Pick<TodayView, 'bakes' | 'next' | 'today'> & { readonly now: number }): ReactNode {
  const dial = dialHere();
  const coming = toCome(bakes).slice(0, CALLS_SHOWN);
  return (
    <Panel label="Next to do" className="px-5 py-4">
      <h2 className="flex items-baseline justify-between pb-1 text-[19px]">
        Next to do
        <Link className="font-text text-[14.5px] font-normal underline" href="/oven">
          At the oven
        </Link>
      </h2>
      {coming.length === 0 ? (
        <p className="text-soft">
          Nothing is under way.
          {next && ` ${next.day === today ? 'Today' : weekday(next.day)} begins at ${clock(next.starts)}.`}
        </p>
      ) : (
        <ol className="text-[15.5px]">
          {coming.map(({ bake, call }) => (
            <li key={`${bake.batch} ${call.position}`} className={LINE}>
              <span className="w-[5.2rem] text-soft" suppressHydrationWarning>
                {wallClock(Date.parse(call.due_at), now)}
              </span>
              <strong>{callWords(call, dial, bake.pieces).title}</strong>
              <span className="text-soft">{bake.name}</span>
            </li>
          ))}
        </ol>
      )}
    </Panel>
  );
}

function UseSoon({ jars, jars_in_all, lots, today }: Pick<TodayView, 'jars' | 'jars_in_all' | 'lots' | 'today'>): ReactNode {
  return (
    <Panel label="Use soon" className="px-5 py-4">
      <h2 className="flex items-baseline justify-between pb-1 text-[19px]">
        Use soon
        <Link className="font-text text-[14.5px] font-normal underline" href="/jars">
          All jars
        </Link>
      </h2>
      {jars.length + lots.length === 0 ? (
        <p className="text-soft">Nothing runs out within a week.</p>
      ) : (
        <ul className="text-[15.5px]">
          {jars.map((jar) => (
            <li key={jar.id} className={LINE}>
              <strong>{jar.name}</strong>
              <span className="text-soft">{counted(jar.left_over, 'piece')}</span>
              <span className={freshness(jar, today) === 'past' ? 'text-stop' : 'text-mind'}>
                <span aria-hidden>{freshness(jar, today) === 'past' ? '■ ' : '◆ '}</span>
                {untilWords(jar, today)}
              </span>
            </li>
          ))}
          {jars_in_all > jars.length && (
            <li className={LINE}>
              <Link className="underline" href="/jars">
                {counted(jars_in_all - jars.length, 'more pack')}
              </Link>
            </li>
          )}
          {lots.map(({ name, left_g, best_before }) => (
            <li key={`${name} ${best_before}`} className={LINE}>
              <strong>{name}</strong>
              <span className="text-soft">{mass(left_g)} in the pantry</span>
              <span className={best_before < today ? 'text-stop' : 'text-mind'}>
                <span aria-hidden>{best_before < today ? '■ ' : '◆ '}</span>
                {best_before < today ? 'past' : 'best before'} {day(best_before)}
              </span>
            </li>
          ))}
        </ul>
      )}
    </Panel>
  );
}

function NextDay({ next, today }: Pick<TodayView, 'next' | 'today'>): ReactNode {
  return (
    <Panel label="Next bake day" className="px-5 py-4">
      <h2 className="flex items-baseline justify-between pb-1 text-[19px]">
        {next
          ? next.day === today
            ? 'Baking today'
            : `Next bake day: ${weekday(next.day)}, ${day(next.day)}`
          : 'No bake day planned'}
        <Link className="font-text text-[14.5px] font-normal underline" href={next ? `/day?day=${next.day}` : '/day'}>
          {next ? 'Open it' : 'Plan one'}
        </Link>
      </h2>
      <ul className="text-[15.5px]">
        {next?.batches.map(({ id, name, due }) => (
          <li key={id} className={LINE}>
            <Link className="font-semibold hover:underline" href={`/batch/${id}`}>
              {name}
            </Link>
            <span className="text-soft">
              ready by {due >= 1440 ? 'the next day ' : ''}
              {clock(due)}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
