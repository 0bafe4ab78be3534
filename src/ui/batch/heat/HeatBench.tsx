'use client';
import dynamic from 'next/dynamic';
import type { KitAppliance } from '@/contract/batch';
import { Search } from 'lucide-react';
import { memo, useMemo, useState, type ReactNode } from 'react';
import { type HeatStep, isChamber, applianceRecord, usualBase, type ShapeMethod } from '@/core/catalogue';
import { finishingFrom, type BatchDocument } from '@/core/document';
import { CautionsOf } from '../../kit/CautionMark';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { useEver } from '../../kit/use-ever';
import { useSize } from '../../kit/use-size';
import { dialHere, heatWord, type Dial } from '../../format/dial-words';
import { BASES } from '../../format/words';
import { BenchHead } from '../BenchHead';
import type { BenchProps } from '../bench-props';
import { CompareStrip } from './CompareStrip';
import { ComparePicker } from './ComparePicker';
import { CrossSection } from './CrossSection';
import { CutThroughPicture } from './CutThroughPicture';
import { VarianceLine, OthersLine, ReachedChips } from './Outlook';
import { PaceLine } from './PaceLine';
import { ProgrammeChart } from './ProgrammeChart';
import { RawLine } from './RawLine';
import { StepList } from './StepList';
import { PractiseBatch } from '../../practice/PractiseBatch';
import { WorthMeasuring } from './WorthMeasuring';
import { chartScale, type ChartScale } from './chart-scale';
import { applianceOf, applianceOptions } from './appliance-choice';
import { inAppliance, kindAt, moveEvent, stretchesOf } from './programme-edits';
import { duration, length, moisture, temperature } from '../../format/units';
import { InNumbers, someOf, type Numbers } from '../../kit/InNumbers';

/** Loaded once it is opened. */
const FindDialog = dynamic(() => import('./FindDialog').then((dialog) => dialog.FindDialog), { ssr: false });

/** The cross-section stands beside the chart from this width on [px]. */
const BESIDE = 620;
const CROSS_SECTION = 208;

/** The heat station: the programme, the cut-through under it on the same minutes, and what any minute is like. */
export function HeatBench(props: BenchProps): ReactNode {
  const { edits, nominal, banded, bandIsOld, pantry, appliances, questions, compared, onCompare } = props;
  // What is put on when the heat is over has a bench of its own.
  const { document, tail } = useMemo(() => heatOnly(props.document), [props.document]);
  const dial = dialHere();
  const [scrubAt, setScrub] = useState<number | null>(null);
  const [finding, setFinding] = useState(false);
  const searched = useEver(finding);
  const { steps, appliance, base } = document.heat;
  const head = useMemo(
    () => ({ steps, ...(appliance ? { appliance } : {}), ...(base ? { base } : {}) }),
    [steps, appliance, base],
  );
  const { prediction } = nominal;
  const total = prediction.heat.minutes;
  const scrub = Math.min(total, scrubAt ?? total * 0.5);
  const bands = banded && !bandIsOld && Math.abs(banded.heat.minutes - total) < 0.5 ? banded : null;
  const setSteps = (next: readonly HeatStep[]): void => edits.set(['heat', 'steps'], [...next, ...tail]);
  const parts = (document.recipe.parts ?? []).filter(({ role }) => role !== 'dough').map(({ name }) => name);
  return (
    <div className="flex flex-col gap-2">
      <HeatHead
        heat={head}
        method={document.shape.method}
        loads={prediction.heat.loads}
        thickness_mm={prediction.yield.piece_thickness_mm}
        appliances={appliances}
        set={edits.set}
      />
      <PaceLine heat={head} appliances={appliances} edits={edits} />
      <StepList
        heat={document.heat}
        slab={document.shape.method === 'score-slab' && !steps.some(({ do: act }) => act === 'snap-apart' || act === 'cut')}
        dial={dial}
        appliances={appliances}
        parts={parts}
        minute={scrubAt === null ? total : scrub}
        onSteps={setSteps}
        onValue={(index, key, value) => edits.set(['heat', 'steps', index, key], value)}
      />
      <Programme {...{ document, edits, nominal, compared, bands, dial, scrub, setScrub }} />
      <div className="flex flex-wrap items-start gap-2">
        <div className="min-w-0 flex-1 basis-[420px]">
          <ReachedChips heat={prediction.heat} banded={bands?.heat.reached ?? null} />
        </div>
        <Button look="small" onClick={() => setFinding(true)}>
          <Search aria-hidden size={14} /> Find a programme
        </Button>
        <ComparePicker document={document} nominal={nominal} questions={questions} onCompare={onCompare} />
      </div>
      {compared && <CompareStrip now={prediction} compared={compared} onClose={() => onCompare(null)} />}
      <RawLine raw={prediction.heat.raw} {...{ document, edits, questions, pantry, appliances }} />
      <Unsure bands={bands} document={document} batchId={props.batchId} />
      <CautionsOf cautions={prediction.cautions} steps={['heat']} />
      {searched && <FindDialog {...props} open={finding} onClose={() => setFinding(false)} />}
    </div>
  );
}

/** A batch without what is done when the heat is over, and that. */
function heatOnly(document: BatchDocument): { readonly document: BatchDocument; readonly tail: readonly HeatStep[] } {
  const { steps } = document.heat;
  const from = finishingFrom(steps);
  if (from === steps.length) return { document, tail: [] };
  return { document: { ...document, heat: { ...document.heat, steps: steps.slice(0, from) } }, tail: steps.slice(from) };
}

/** What the dial asks for at a minute; null when nothing is asked for. */
function askedAt({ heat }: BatchDocument, minute: number): { setpoint_c: number; kind: ReturnType<typeof kindAt> } | null {
  const at = stretchesOf(heat.steps).find(({ from, to }) => minute >= from && minute <= to);
  return at && 'setpoint_c' in at.step ? { setpoint_c: at.step.setpoint_c, kind: kindAt(heat, at.index) } : null;
}

type HeatHeadProps = {
  readonly heat: BatchDocument['heat'];
  readonly method: ShapeMethod;
  readonly loads: number;
  readonly thickness_mm: number;
  readonly appliances: readonly KitAppliance[];
  readonly set: BenchProps['edits']['set'];
};

/** Which oven, and what carries the pieces. Apart, so that dragging the programme does not draw it again. */
const HeatHead = memo(function HeatHead({ heat, method, loads, thickness_mm, appliances, set }: HeatHeadProps): ReactNode {
  const { appliance, base } = heat;
  const kind = appliance?.kind ?? 'static-oven';
  const ovens = applianceOptions(appliances, appliance ?? {});
  return (
    <BenchHead title="Heat" about={`${loads === 1 ? 'one load' : `${loads} loads`} · ${length(thickness_mm, 1)} thick`}>
      <Choice
        label="In the"
        value={ovens.value}
        options={ovens.options}
        onChange={(id) => {
          const next = applianceOf(id, appliances);
          if (next) set(['heat'], inAppliance(heat, next));
        }}
      />
      {isChamber(kind) && applianceRecord(kind).nothingElse === null && (
        <Choice
          label="on"
          value={base ?? usualBase(kind, method)}
          options={BASES}
          onChange={(next) => set(['heat', 'base'], next)}
        />
      )}
      {applianceRecord(kind).lid && (
        <label className="inline-flex items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-[var(--rim)]"
            checked={appliance?.lid ?? false}
            onChange={({ target }) => set(['heat', 'appliance', 'lid'], target.checked)}
          />
          lid on
        </label>
      )}
    </BenchHead>
  );
});

type ProgrammeProps = {
  readonly document: BatchDocument;
  readonly edits: BenchProps['edits'];
  readonly nominal: BenchProps['nominal'];
  readonly compared: BenchProps['compared'];
  readonly bands: BenchProps['banded'];
  readonly dial: Dial;
  readonly scrub: number;
  readonly setScrub: (minute: number) => void;
};

/** The programme, and under it on the same minutes what it does inside the piece. */
function Programme({ document, edits, nominal, compared, bands, dial, scrub, setScrub }: ProgrammeProps): ReactNode {
  const {
    prediction: { heat },
    drawing,
  } = nominal;
  const { steps } = document.heat;
  const [ref, { width }] = useSize<HTMLDivElement>({ width: 860, height: 0 });
  const { scale, hold } = useHeldScale(steps, compared, width >= BESIDE ? width - CROSS_SECTION : width);
  return (
    <div ref={ref} className="flex flex-wrap gap-x-3">
      <div className="max-w-full min-w-0 overflow-x-auto">
        <ProgrammeChart
          steps={steps}
          heatOf={(setpoint_c, index) => heatWord(setpoint_c, dial, kindAt(document.heat, index))}
          timeline={heat.timeline}
          band={bands?.heat.band ?? null}
          ghost={compared}
          scale={scale}
          scrub={scrub}
          onScrub={setScrub}
          onMove={(index, next, dragging) => {
            hold(dragging);
            edits.change(['heat', 'steps', index], next);
          }}
          onMoveEvent={(event, next) => {
            // The axis keeps its length: an event only moves along it.
            hold(next !== null);
            if (next)
              edits.change<readonly HeatStep[]>(['heat', 'steps'], (now) => {
                const from = finishingFrom(now);
                return [...moveEvent(now.slice(0, from), event, next), ...now.slice(from)];
              });
          }}
        />
        <CutThroughPicture picture={drawing.cutThrough} scale={scale} scrub={scrub} onScrub={setScrub} />
        <label className="sr-only">
          Minute to read
          <input
            type="range"
            min={0}
            max={Math.round(heat.minutes)}
            value={Math.round(scrub)}
            onChange={({ target }) => setScrub(Number(target.value))}
          />
        </label>
      </div>
      <CrossSection picture={drawing.cutThrough} timeline={heat.timeline} minute={scrub} asked={askedAt(document, scrub)} />
      <div className="basis-full">
        <InNumbers of="The programme" numbers={courseInNumbers(heat.timeline)} />
      </div>
    </div>
  );
}

/** What is not known of this bake, what it comes from and what would tell. */
const Unsure = ({
  bands,
  document,
  batchId,
}: Pick<BenchProps, 'document' | 'batchId'> & { readonly bands: BenchProps['banded'] }): ReactNode => (
  <>
    <VarianceLine banded={bands} />
    <div className="flex flex-wrap items-start gap-2">
      <WorthMeasuring document={document} />
      <PractiseBatch id={batchId} look="small" />
    </div>
    <OthersLine banded={bands} />
  </>
);

/** What the chart draws, a few moments of it. */
const courseInNumbers = (timeline: BenchProps['nominal']['prediction']['heat']['timeline']): Numbers => ({
  heads: ['after', 'oven air', 'middle', 'water', 'water in the middle', 'Snap'],
  rows: someOf(timeline).map(({ minute, air_c, core_c, moisture_pct, centre_moisture_pct, snap }) => [
    duration(minute),
    temperature(air_c),
    temperature(core_c),
    moisture(moisture_pct),
    moisture(centre_moisture_pct),
    snap.toFixed(1),
  ]),
});

/**
 * Where minutes lie. While something is held the axis keeps its length and only grows: a scale that shrinks under the hand
 * cannot be steered.
 */
function useHeldScale(
  steps: readonly HeatStep[],
  compared: BenchProps['compared'],
  width: number,
): { readonly scale: ChartScale; readonly hold: (held: boolean) => void } {
  const [heldEnds, setHeldEnds] = useState<readonly number[] | null>(null);
  const ends = useMemo(() => stretchesOf(steps).map(({ to }) => to), [steps]);
  const scale = useMemo(() => {
    const before = heldEnds ?? ends;
    // What is compared may take longer: it is not cut off.
    const last = Math.max(before.at(-1) ?? 0, ends.at(-1) ?? 0, compared?.timeline.at(-1)?.minute ?? 0);
    return chartScale(width, [...before.slice(0, -1), last]);
  }, [ends, heldEnds, compared, width]);
  return { scale, hold: (held) => setHeldEnds(held ? (heldEnds ?? ends) : null) };
}
