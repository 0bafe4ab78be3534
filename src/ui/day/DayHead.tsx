'use client';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import type { DaySettings } from '@/core/calls';
import { ThrowAway } from '../bin/ThrowAway';
import { Check } from '../kit/Check';
import { DateField } from '../kit/DateField';
import { Needs } from '../kit/Needs';
import { NumberField } from '../kit/NumberField';
import { ClockField } from './ClockField';
import { weekday } from './day-words';

type DayHeadProps = {
  readonly iso: string;
  readonly settings: DaySettings;
  readonly onSettings: (settings: DaySettings) => void;
  /** It was saved: only then it can be taken away. */
  readonly isSaved: boolean;
};

/** Which day it is, whose hands there are, and when they are up. */
export function DayHead({ iso, settings, onSettings, isSaved }: DayHeadProps): ReactNode {
  const router = useRouter();
  const [from, to] = settings.awake;
  const set = (change: Partial<DaySettings>): void => onSettings({ ...settings, ...change });
  return (
    <header className="flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
      <h1 className="text-[27px]">Bake day</h1>
      <DateField label="Day" value={iso} from={iso} onChange={(next) => router.push(`/day?day=${next}`)} />
      <strong>{weekday(iso)}</strong>
      <Needs role="baker">
        <NumberField
          label="hands"
          unit="pairs"
          value={settings.hands}
          min={1}
          max={4}
          width="w-6"
          onChange={(hands) => set({ hands })}
        />
        <ClockField label="begin" value={settings.starts} onChange={(starts) => set({ starts })} />
        <ClockField label="up from" value={from} onChange={(next) => set({ awake: [next, to] })} />
        <ClockField label="to" value={to} onChange={(next) => set({ awake: [from, next] })} />
        <QuietHours quiet={settings.quiet} onQuiet={(quiet) => set({ quiet })} />
      </Needs>
      {isSaved && <ThrowAway look="small" words="Delete this day" things={[{ kind: 'bake_day', id: iso }]} leadsTo="/day" />}
    </header>
  );
}

const USUAL_QUIET: NonNullable<DaySettings['quiet']> = [1260, 480];

type QuietHoursProps = {
  readonly quiet: DaySettings['quiet'];
  readonly onQuiet: (quiet: DaySettings['quiet']) => void;
};

/** When nothing noisy may begin: a vacuum pump is heard through the wall. */
const QuietHours = ({ quiet, onQuiet }: QuietHoursProps): ReactNode => (
  <span className="flex flex-wrap items-center gap-x-2">
    <Check
      checked={quiet !== null}
      title="The freeze dryer's pump is not started then"
      onChange={(asked) => onQuiet(asked ? USUAL_QUIET : null)}
    >
      quiet hours
    </Check>
    {quiet && (
      <>
        <ClockField label="from" value={quiet[0]} onChange={(from) => onQuiet([from, quiet[1]])} />
        <ClockField label="until" value={quiet[1]} onChange={(until) => onQuiet([quiet[0], until])} />
      </>
    )}
  </span>
);
