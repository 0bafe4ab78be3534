'use client';
import type { BakeView, CallView } from '@/contract/oven';
import { useState, type ReactNode } from 'react';
import type { Dial } from '../format/dial-words';
import { duration, temperature, midSentence } from '../format/units';
import { Button } from '../kit/Button';
import { callWords, clockLeft, wallClock } from './act-words';
import { outlookWords } from './outlook-words';

type CallCardProps = {
  readonly bake: BakeView;
  readonly now: number | null;
  readonly dial: Dial;
  readonly onDone: () => Promise<void>;
  readonly send: (address: string, body: unknown) => Promise<boolean>;
};

const MORE_MIN = 5;
const LATER_MIN = 2;
const BIG = 'min-h-[58px] flex-1 justify-center text-[17px]';

/** What to do now, how long it is still left, and what the water in the piece does meanwhile. */
export function CallCard({ bake, now, dial, onDone, send }: CallCardProps): ReactNode {
  const { stands } = bake;
  const call = bake.calls[bake.next ?? 0];
  const words = callWords(call, dial, bake.pieces);
  const address = `/api/oven/${bake.batch}`;
  const isHeat = call.call.runs !== null;
  return (
    <section aria-label="Now" className="flex flex-col gap-4" data-call={call.call.id}>
      <div>
        <p className="text-[17px] font-semibold text-heat">
          {bake.name}
          {isHeat && stands.appliance && <span className="font-normal text-soft"> · {stands.appliance}</span>}
        </p>
        <h2 className="text-[clamp(34px,6vw,58px)] leading-[1.05]">{words.title}</h2>
        <p className="pt-1 text-[17px] text-soft">{words.detail}</p>
      </div>
      {now !== null && <Countdown call={call} bake={bake} now={now} />}
      {now !== null && isHeat && <WaterBar bake={bake} now={now} />}
      {now !== null && <OutlookPanel bake={bake} now={now} send={send} />}
      <Button
        look="main"
        autoFocus
        className="min-h-[74px] justify-center text-[24px]"
        onClick={() => void onDone()}
        aria-keyshortcuts="Space Enter"
      >
        {words.done}
      </Button>
      <div className="flex flex-wrap gap-2.5">
        <Button className={BIG} onClick={() => void send(address, { do: 'later', minutes: LATER_MIN })}>
          In {LATER_MIN} minutes
        </Button>
        {(isHeat || call.call.minutes > 0) && (
          <Button className={BIG} onClick={() => void send(address, { do: 'more', minutes: MORE_MIN })}>
            {MORE_MIN} more minutes
          </Button>
        )}
        {bake.next !== 0 && (
          <Button className={BIG} onClick={() => void send(address, { do: 'undo' })}>
            Take the last back
          </Button>
        )}
      </div>
      <GiveUp onGiveUp={() => void send(address, { do: 'give-up' })} />
    </section>
  );
}

/** Asked twice: a wet thumb must not lose a batch's calls. */
function GiveUp({ onGiveUp }: { readonly onGiveUp: () => void }): ReactNode {
  const [asked, setAsked] = useState(false);
  if (!asked)
    return (
      <p>
        <Button look="quiet" className="min-h-[34px] underline" onClick={() => setAsked(true)}>
          Give this batch up
        </Button>
      </p>
    );
  return (
    <p role="alert" className="flex flex-wrap items-center gap-2">
      Its calls and readings go; the batch stays planned.
      <Button onClick={onGiveUp}>Give it up</Button>
      <Button onClick={() => setAsked(false)}>Keep it</Button>
    </p>
  );
}

/** When the stretch before a call began: the call before it, or the trays' going in. */
function beganAt(bake: BakeView, call: CallView): number | null {
  const before = bake.calls[call.position - 1];
  return before?.done_at ? Date.parse(before.done_at) : null;
}

function Countdown({ call, bake, now }: { readonly call: CallView; readonly bake: BakeView; readonly now: number }): ReactNode {
  const due = Date.parse(call.due_at);
  const left = due - now;
  const began = beganAt(bake, call);
  const whole = began === null ? 0 : due - began;
  const gone = began === null ? 0 : Math.max(0, now - began);
  const share = whole > 0 ? Math.min(1, gone / whole) : 1;
  const waits = whole > 60_000;
  const isNow = !waits && left <= 60_000;
  return (
    <div className="flex flex-col gap-2">
      <p className="flex flex-wrap items-baseline gap-x-4" role="timer" data-left>
        <strong className={`font-display text-[clamp(44px,9vw,76px)] leading-none ${left < 0 ? 'text-heat' : ''}`}>
          {isNow ? 'Now' : clockLeft(left)}
        </strong>
        <span className="text-[17px] text-soft">
          {!isNow && (left >= 0 ? `left, at ${wallClock(due, now)}` : `late; it was due at ${wallClock(due, now)}`)}
          {!waits && call.call.hands > 1 && `${isNow ? '' : ', '}takes about ${duration(call.call.hands)}`}
        </span>
      </p>
      {waits && (
        <div className="relative h-[54px] overflow-hidden rounded-2xl border-[1.6px] border-rim bg-face">
          <div className="absolute inset-y-0 left-0 bg-heat" style={{ width: `${100 * share}%` }} />
          <span
            className={`absolute inset-y-0 left-4 grid place-items-center font-display text-[19px] font-semibold ${share > 0.32 ? 'text-face' : 'text-ink'}`}
          >
            {duration(gone / 60_000)} done
          </span>
          <span
            className={`absolute inset-y-0 right-4 grid place-items-center font-semibold ${share > 0.86 ? 'text-face' : 'text-soft'}`}
          >
            of {duration(whole / 60_000)}
          </span>
        </div>
      )}
    </div>
  );
}

/** How wet the heart is by the likely course, from wet to as dry as it was planned. */
function WaterBar({ bake, now }: { readonly bake: BakeView; readonly now: number }): ReactNode {
  const {
    course,
    stands: { went_in, from_min },
  } = bake;
  if (!went_in || course.length < 2) return null;
  const minute = from_min + (now - Date.parse(went_in)) / 60_000;
  const at = course.findLast((point) => point.minute <= minute) ?? course[0];
  const [first, last] = [course[0], course[course.length - 1]];
  const span = first.core_moisture_pct - last.core_moisture_pct;
  const share = span > 0.5 ? Math.min(1, Math.max(0, (first.core_moisture_pct - at.core_moisture_pct) / span)) : 1;
  return (
    <div>
      <div
        className="relative h-3.5 rounded-full"
        style={{ background: 'linear-gradient(to right, var(--water), var(--crunch-fill))' }}
        aria-hidden
      >
        <span className="absolute -inset-y-1 w-[3px] rounded bg-ink" style={{ left: `${100 * share}%` }} />
      </div>
      <p className="flex flex-wrap justify-between gap-x-4 pt-1 text-[15px]">
        <span className="font-semibold text-water">
          middle {at.core_moisture_pct.toFixed(0)} % water, {temperature(at.core_c)}, by the plan
        </span>
        <span className="font-semibold text-crunch">should be {last.core_moisture_pct.toFixed(0)} %</span>
      </p>
    </div>
  );
}

function OutlookPanel({
  bake,
  now,
  send,
}: { readonly bake: BakeView; readonly now: number } & Pick<CallCardProps, 'send'>): ReactNode {
  const { readings, batch } = bake;
  const { outlook, went_in, planned_min, appliance } = bake.stands;
  if (!outlook || !went_in) return null;
  const began = Date.parse(went_in);
  const weighed = readings.filter(({ kind, at }) => kind === 'tray_g' && Date.parse(at) > began).length;
  const where = appliance ? `the ${midSentence(appliance)}` : undefined;
  const { text, short_min } = outlookWords(outlook, began, planned_min, weighed, now, where);
  return (
    <div
      className="flex flex-wrap items-center gap-3 rounded-2xl border border-hair bg-face px-4 py-2.5 text-[16px]"
      data-outlook
    >
      <p className="min-w-0 flex-1 basis-64">{text}</p>
      {short_min > 0 && (
        <Button onClick={() => void send(`/api/oven/${batch}`, { do: 'more', minutes: Math.min(240, short_min) })}>
          Stay {duration(short_min)} longer
        </Button>
      )}
    </div>
  );
}
