'use client';
import type { BakeView, ReadingKind } from '@/contract/oven';
import { useEffect, useState, type ReactNode } from 'react';
import { Button } from '../kit/Button';
import { OptionalNumber } from '../kit/OptionalNumber';
import { wallClock } from './act-words';
import { mass, temperature } from '../format/units';

type ReadingsProps = {
  readonly bake: BakeView;
  readonly now: number | null;
  readonly send: (address: string, body: unknown) => Promise<boolean>;
};

const KINDS: Record<ReadingKind, readonly [name: string, say: (value: number) => string]> = {
  tray_g: ['tray', (value) => mass(value, 0)],
  core_c: ['core', temperature],
  air_c: ['air', temperature],
  room_rh_pct: ['room', (value) => `${value} % humid`],
};
const SHOWN = 6;
/** How often a followed probe is noted [ms]. */
const FOLLOW_MS = 15_000;

/** What scale, probe and hygrometer say of a batch: taken over, typed, or read from a logger's file. */
export function Readings({ bake, now, send }: ReadingsProps): ReactNode {
  const { went_in, before_g } = bake.stands;
  const address = `/api/oven/${bake.batch}/readings`;
  const note = (body: unknown): void => void send(address, body);
  const [follows, setFollows] = useState(false);
  useEffect(() => {
    if (!follows) return;
    const timer = setInterval(() => void send(address, { by: 'probe' }), FOLLOW_MS);
    return () => clearInterval(timer);
  }, [follows, address, send]);
  const last = bake.readings.slice(-SHOWN).reverse();
  return (
    <section aria-label="Readings" className="flex flex-col gap-2 rounded-2xl border border-hair bg-face px-4 py-3 text-[15px]">
      <h2 className="text-[17px]">Readings</h2>
      <TrayBefore stands={bake.stands} note={note} />
      <TrayNow before_g={before_g} onWeigh={(value) => note({ by: 'hand', kind: 'tray_g', value })} />
      <p className="flex flex-wrap gap-1.5">
        <Button look="small" className="min-h-[34px]" onClick={() => note({ by: 'scale' })}>
          From the scale
        </Button>
        <Button look="small" className="min-h-[34px]" onClick={() => note({ by: 'probe' })}>
          From the probe
        </Button>
        <Button
          look="small"
          className="min-h-[34px]"
          aria-pressed={follows}
          disabled={went_in === null}
          onClick={() => setFollows(!follows)}
        >
          {follows ? 'Stop following it' : 'Follow the probe'}
        </Button>
        <Button look="small" className="min-h-[34px]" onClick={() => note({ by: 'hygrometer' })}>
          From the hygrometer
        </Button>
        <LoggerFile onFile={(csv, kind) => note({ by: 'file', kind, csv })} />
      </p>
      <Noted readings={last} now={now} note={note} />
    </section>
  );
}

function TrayNow({
  before_g,
  onWeigh,
}: {
  readonly before_g: number | null;
  readonly onWeigh: (grams: number) => void;
}): ReactNode {
  const [grams, setGrams] = useState<number | null>(null);
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (grams !== null) onWeigh(grams);
        setGrams(null);
      }}
    >
      <span className="text-soft">now</span>
      <OptionalNumber label="Tray now" unit="g" value={grams} placeholder="?" max={60_000} onChange={setGrams} />
      <Button look="small" type="submit" className="min-h-[34px]" disabled={grams === null}>
        Note it
      </Button>
      {before_g === null && <span className="text-[14px] text-soft">tells more once the tray was weighed as it went in</span>}
    </form>
  );
}

function LoggerFile({ onFile }: { readonly onFile: (csv: string, kind: 'air_c' | 'core_c') => void }): ReactNode {
  const read = async (file: File | undefined, kind: 'air_c' | 'core_c'): Promise<void> => {
    if (file) onFile(await file.text(), kind);
  };
  return (
    <>
      {(['air_c', 'core_c'] as const).map((kind) => (
        <label
          key={kind}
          className="inline-flex min-h-[34px] cursor-pointer items-center rounded-full border-[1.4px] border-hair bg-enamel px-2.5 text-[13.5px] font-semibold hover:border-rim has-[:focus-visible]:outline-2"
        >
          Logger file of the {kind === 'air_c' ? 'air' : 'core'}
          <input
            type="file"
            accept=".csv,.txt,text/csv"
            className="sr-only"
            onChange={({ target }) => {
              void read(target.files?.[0], kind);
              target.value = '';
            }}
          />
        </label>
      ))}
    </>
  );
}

type NotedProps = {
  readonly readings: BakeView['readings'];
  readonly now: number | null;
  readonly note: (body: unknown) => void;
};

function Noted({ readings, now, note }: NotedProps): ReactNode {
  return (
    <>
      {readings.length > 0 && (
        <ul className="flex flex-col" aria-label="Noted">
          {readings.map(({ id, at, kind, value, source }) => (
            <li key={id} className="flex items-baseline gap-2">
              <span className="w-20 text-soft" suppressHydrationWarning>
                {wallClock(Date.parse(at), now ?? Date.parse(at))}
              </span>
              <span className="flex-1">
                {KINDS[kind][0]} <strong>{KINDS[kind][1](value)}</strong> <span className="text-soft">{source}</span>
              </span>
              <Button
                look="quiet"
                className="min-h-[24px] pointer-coarse:min-h-[44px]"
                aria-label={`Strike out ${KINDS[kind][0]} ${KINDS[kind][1](value)}`}
                onClick={() => note({ by: 'strike', id })}
              >
                strike out
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

type TrayBeforeProps = { readonly stands: BakeView['stands']; readonly note: (body: unknown) => void };

function TrayBefore({ stands, note }: TrayBeforeProps): ReactNode {
  const { stage, tray_g, before_g } = stands;
  return (
    <p className="flex flex-wrap items-center gap-2">
      <span className="text-soft">one tray, empty</span>
      <OptionalNumber
        label="Empty tray"
        unit="g"
        value={tray_g}
        placeholder="0"
        max={20_000}
        onChange={(value) => note({ by: 'start', stage, tray_g: value ?? 0 })}
      />
      <span className="text-soft">{stage === 0 ? 'with raw pieces' : 'with pieces, as it went in'}</span>
      <OptionalNumber
        label={stage === 0 ? 'Tray with raw pieces' : 'Tray as it went in'}
        unit="g"
        value={before_g}
        placeholder="?"
        max={60_000}
        onChange={(value) => note({ by: 'start', stage, before_g: value })}
      />
    </p>
  );
}
