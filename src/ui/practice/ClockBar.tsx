import { Pause, Play } from 'lucide-react';
import { useSyncExternalStore, type ReactNode } from 'react';
import { duration } from '../format/units';
import { Button } from '../kit/Button';
import { PACES, type BakeClock } from './bake-clock';
import { useMoment } from './use-moment';

const STEPS_MIN = [1, 5, 15] as const;

/** How long they are in, how fast it goes, and steps for who would rather not watch. */
export function ClockBar({ clock, busy }: { readonly clock: BakeClock; readonly busy: boolean }): ReactNode {
  const { running, pace } = useSyncExternalStore(clock.listen, clock.how, clock.how);
  const atEnd = useSyncExternalStore(clock.listen, clock.isAtEnd, clock.isAtEnd);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <InTheOven clock={clock} />
      <span className="flex-1" />
      <span className="flex items-center gap-1.5">
        {STEPS_MIN.map((minutes) => (
          <Button key={minutes} look="small" disabled={busy || atEnd} onClick={() => clock.pass(minutes)}>
            +{minutes} min
          </Button>
        ))}
      </span>
      <span role="group" aria-label="Minutes of the bake in a second" className="flex items-center gap-1 text-[13.5px] text-soft">
        1 s =
        {PACES.map((one) => (
          <Button
            key={one}
            look={one === pace ? 'small' : 'quiet'}
            aria-pressed={one === pace}
            onClick={() => clock.run(running, one)}
          >
            {one} min
          </Button>
        ))}
      </span>
      <Button disabled={busy || atEnd} onClick={() => clock.run(!running)} className="min-w-28 justify-center">
        {running ? <Pause aria-hidden size={17} /> : <Play aria-hidden size={17} />}
        {running ? 'Pause' : 'Let it bake'}
      </Button>
      {atEnd && <p className="w-full text-[14px] text-mind">Nobody waits longer than this: do something, or take them out.</p>}
    </div>
  );
}

/** Minutes in the oven, large. */
function InTheOven({ clock }: { readonly clock: BakeClock }): ReactNode {
  const minute = useMoment(clock, 0.5);
  return (
    <p className="font-display text-[38px] leading-none font-semibold text-heat tabular-nums" data-in-the-oven>
      {duration(Math.floor(minute))}
      <span className="sr-only"> in the oven</span>
    </p>
  );
}
