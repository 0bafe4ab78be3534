'use client';
import { memo, useMemo, useState, type ReactNode } from 'react';
import type { Drawing, HeatStep, Reached } from '@/core/batch';
import { colourWord } from '@/core/heat';
import { CautionsOf } from '../../kit/CautionMark';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { useWidth } from '../../kit/use-width';
import { duration, moisture } from '../../format/units';
import { BASES } from '../../format/words';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { CutThroughPicture } from './CutThroughPicture';
import { ProgrammeChart } from './ProgrammeChart';
import { StepList } from './StepList';
import { chartScale } from './chart-scale';
import { insertEvent, type ProgrammeEvent } from './programme-edits';

const EVENTS: ReadonlyArray<{ readonly name: string; readonly event: ProgrammeEvent; readonly slab?: true }> = [
  { name: '+ turn', event: { do: 'turn' } },
  { name: '+ stir', event: { do: 'stir' } },
  { name: '+ brush', event: { do: 'brush', grams: 30 } },
  { name: '+ snap apart', event: { do: 'snap-apart' }, slab: true },
];

/** The heat station: the programme, the cut-through under it on the same minutes, and what any minute is like. */
export function HeatBench({ document, edits, likely, appliances }: BenchProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(860);
  const [scrubAt, setScrub] = useState<number | null>(null);
  const [heldAxis, setHeldAxis] = useState<number | null>(null);
  const { steps, appliance, base } = document.heat;
  const withoutSteps = useMemo(() => ({ appliance, base }), [appliance, base]);
  const { prediction, drawing } = likely;
  const total = prediction.heat.minutes;
  // While a corner is dragged the axis only grows: a scale that shrinks under the hand cannot be steered.
  const scale = chartScale(width, heldAxis === null ? total : Math.max(heldAxis, total));
  const scrub = Math.min(total, scrubAt ?? total * 0.5);

  const canSnap = document.shape.method === 'score-slab' && !steps.some((step) => step.do === 'snap-apart');
  const setSteps = (next: readonly HeatStep[]): void => edits.set(['heat', 'steps'], next);

  return (
    <div className="flex flex-col gap-2.5">
      <HeatHead
        heat={withoutSteps}
        loads={prediction.heat.loads}
        thickness_mm={prediction.yield.piece_thickness_mm}
        appliances={appliances}
        set={edits.set}
      />
      <StepList
        steps={steps}
        onSteps={setSteps}
        onValue={(index, key, value) => edits.set(['heat', 'steps', index, key], value)}
      />
      <div ref={ref}>
        <ProgrammeChart
          steps={steps}
          timeline={prediction.heat.timeline}
          snaps={drawing.snaps}
          scale={scale}
          scrub={scrub}
          onScrub={setScrub}
          onMove={(index, next, dragging) => {
            setHeldAxis(dragging ? Math.max(heldAxis ?? 0, total) : null);
            edits.change(['heat', 'steps', index], next);
          }}
        />
        <CutThroughPicture picture={drawing.cutThrough} scale={scale} scrub={scrub} onScrub={setScrub} />
        <label className="sr-only">
          Minute to read
          <input
            type="range"
            min={0}
            max={Math.round(total)}
            value={Math.round(scrub)}
            onChange={({ target }) => setScrub(Number(target.value))}
          />
        </label>
      </div>
      <Reading likely={likely} minute={scrub} />
      <div className="flex flex-wrap items-center gap-x-1.5 gap-y-2">
        {drawing.reached.map((reached) => (
          <ReachedChip key={reached.what} reached={reached} />
        ))}
        <span className="flex-1" />
        {EVENTS.filter(({ slab }) => !slab || canSnap).map(({ name, event }) => (
          <Button
            key={name}
            look="small"
            title={`at minute ${Math.round(scrub)}`}
            onClick={() => setSteps(insertEvent(steps, scrub, event))}
          >
            {name}
          </Button>
        ))}
      </div>
      <CautionsOf cautions={prediction.cautions} steps={['heat']} />
    </div>
  );
}

type HeatHeadProps = {
  readonly heat: { readonly [K in 'appliance' | 'base']: BenchProps['document']['heat'][K] | undefined };
  readonly loads: number;
  readonly thickness_mm: number;
  readonly appliances: BenchProps['appliances'];
  readonly set: BenchProps['edits']['set'];
};

/** Which oven, and what carries the pieces. Apart, so that dragging the programme does not draw it again. */
const HeatHead = memo(function HeatHead({ heat, loads, thickness_mm, appliances, set }: HeatHeadProps): ReactNode {
  const { appliance, base } = heat;
  const chosen = appliances.find(
    ({ kind, thermostat_offset_c: offset }) => kind === appliance?.kind && offset === (appliance.thermostat_offset_c ?? 0),
  );
  return (
    <BenchHead title="Heat" about={`${loads === 1 ? 'one load' : `${loads} loads`} · ${thickness_mm} mm thick`}>
      <Choice
        label="In the"
        value={chosen?.id ?? ''}
        options={appliances.map(({ id, name }) => ({ value: id, name }))}
        onChange={(id) => {
          const next = appliances.find((candidate) => candidate.id === id);
          if (next) set(['heat', 'appliance'], { ...appliance, kind: next.kind, thermostat_offset_c: next.thermostat_offset_c });
        }}
      />
      <Choice label="on" value={base ?? 'paper-on-tray'} options={BASES} onChange={(next) => set(['heat', 'base'], next)} />
    </BenchHead>
  );
});

/** One minute of the programme in words and numbers. */
function Reading({ likely, minute }: { readonly likely: BenchProps['likely']; readonly minute: number }): ReactNode {
  const { prediction, drawing } = likely;
  const { timeline } = prediction.heat;
  const at = timeline.reduce(
    (best, point, i) => (Math.abs(point.minute - minute) < Math.abs(timeline[best].minute - minute) ? i : best),
    0,
  );
  const point = timeline[at];
  const wettest = wettestAt(drawing, at);
  const items: ReadonlyArray<readonly [string, string]> = [
    ['heart', `${Math.round(point.core_c)} °C`],
    ['air', `${Math.round(point.air_c)} °C`],
    ['water', moisture(point.moisture_pct)],
    ['wettest', moisture(wettest)],
    ['colour', colourWord(point.browning)],
    ['Snap', drawing.snaps[at].toFixed(1)],
  ];
  return (
    <p
      className="flex flex-wrap items-baseline gap-x-5 gap-y-0.5 rounded-2xl border border-hair bg-enamel px-4 py-1.5 text-[14px]"
      aria-live="off"
    >
      <strong className="font-display text-[17px]">{duration(point.minute)}</strong>
      {items.map(([name, value]) => (
        <span key={name}>
          <span className="text-soft">{name}</span> <strong>{value}</strong>
        </span>
      ))}
    </p>
  );
}

function wettestAt({ cutThrough }: Drawing, row: number): number {
  const { cells, moisture_pct } = cutThrough;
  let most = 0;
  for (let cell = 0; cell < cells; cell++) most = Math.max(most, moisture_pct[row * cells + cell]);
  return most;
}

const REACHED: Record<Reached['what'], { readonly words: string; readonly look: string; readonly missing: string | null }> = {
  'frozen-through': { words: 'frozen through at', look: 'border-water bg-water-pale', missing: 'not frozen through' },
  'hot-enough': { words: 'heart 74 °C at', look: 'border-moss bg-moss-pale', missing: 'heart stays below 74 °C' },
  golden: { words: 'golden at', look: 'border-hair bg-enamel', missing: 'stays pale' },
  'heart-dry': { words: 'heart dry at', look: 'border-water bg-water-pale', missing: 'heart stays damp' },
  'snaps-when-cold': { words: 'snaps cold from', look: 'border-crunch-fill bg-crunch-pale', missing: 'will not snap' },
  'too-dark': { words: 'too dark from', look: 'border-heat bg-heat-pale', missing: null },
};

function ReachedChip({ reached: { what, minute } }: { readonly reached: Reached }): ReactNode {
  const { words, look, missing } = REACHED[what];
  if (minute === null && missing === null) return null;
  return (
    <span
      className={`rounded-full border-[1.4px] px-2.5 py-0.5 text-[13.5px] ${minute === null ? 'border-dashed border-hair text-soft' : look}`}
    >
      {minute === null ? missing : words} {minute !== null && <strong>{duration(minute)}</strong>}
    </span>
  );
}
