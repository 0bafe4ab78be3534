import type { ApplianceKind, HeatStep } from '@/core/catalogue';
import { middle, type TemperatureSpan } from '@/core/written';
import type { MomentName, Stretch } from './stretches';

/** A programme as the words of a recipe say it. */
export type ReadProgramme = {
  readonly appliance: { readonly kind: ApplianceKind };
  readonly steps: readonly HeatStep[];
  /** The words it came from. */
  readonly from: readonly string[];
  readonly question: string | null;
  /** What nobody said, in the words of the batch file. */
  readonly assumed: readonly string[];
  /** How long the dough stands before, as far as that is said [min]. */
  readonly rest_minutes: number | null;
};

type Rest = {
  readonly setpoint_c: TemperatureSpan | null;
  readonly from: string;
  readonly rest_min: number;
  /** What the words offer instead of what was read. */
  readonly otherWays: readonly string[];
  readonly appliance: ApplianceKind | null;
  readonly cold: boolean;
};

/** Between words that stand apart in the text and say one thing. */
export const BESIDE = ' / ';

/** What is taken where a recipe does not say. Source: ours, usual kitchens. */
const UNSAID = {
  setpoint_c: 175,
  hold_min: 25,
  off_min: 120,
  freeze_min: 240,
  freezeDry_min: 1440,
  /** Brushed on, where the wash is not listed [g]. */
  wash_g: 15,
} as const;
/** Most turns that "every half hour" is written out to. Source: ours. */
const MOST_TURNS = 8;
const LONGEST_MIN = 2880;

type Timed = Exclude<Stretch, { kind: 'moment' }>;
type Written = { step: HeatStep; timed: boolean };

/** Makes the steps of a programme of what was found; null where nothing takes time. */
export function assemble(found: readonly Stretch[], rest: Rest): ReadProgramme | null {
  const stretches = withBareBake(found, rest);
  const timed = stretches.filter((one): one is Timed => one.kind !== 'moment');
  if (timed.length === 0) return null;
  const freezeDried = timed.some(({ kind }) => kind === 'freeze-dry');
  const heated = timed.some(({ kind }) => kind === 'hold');
  const notes = { assumed: [] as string[], questions: [] as string[] };
  const written: Written[] = [];
  let rest_min = rest.rest_min;
  const first = timed.find(({ kind }) => !(kind === 'chill' && heated)) ?? timed[0];
  let kind = kindOf(first, freezeDried);
  for (const stretch of stretches) {
    if (stretch.kind === 'moment') addMoment(written, stretch);
    // A dough that chills before it is baked rests; only what is never heated is chilled for good.
    else if (stretch.kind === 'chill' && heated) rest_min += written.length === 0 && stretch.time ? middle(stretch.time) : 0;
    else {
      const own = kindOf(stretch, freezeDried);
      // Nothing new is named: it stays in the oven that it is in.
      const here = own === 'static-oven' && stretch.appliance === null && IN_PLACE.has(kind) ? kind : own;
      if (here !== kind && written.some((one) => one.timed)) {
        written.push({ step: { do: 'move', appliance: { kind: here } }, timed: false });
        kind = here;
      }
      written.push({ step: timedStep(stretch, timed, notes), timed: true });
    }
  }
  if (isLeftOut(rest.setpoint_c, timed))
    notes.questions.push(`"${rest.from.replace(/[.,;:]+$/, '')}" gives no time, and is left out. How long is it?`);
  for (const way of rest.otherWays) notes.questions.push(`"${way}" is another way, and is left out. Is the first one meant?`);
  const steps = cleaned(written);
  if (steps.length === 0) return null;
  const start = steps[0];
  return {
    appliance: { kind: kindOf(first, freezeDried) },
    steps: rest.cold && start.do === 'hold' ? [{ ...start, preheated: false }, ...steps.slice(1)] : steps,
    from: [...new Set(stretches.flatMap(({ from }) => from.split(BESIDE)).filter(Boolean))],
    question: notes.questions.join(' ') || null,
    assumed: [
      ...(first.appliance === null && kindOf(first, freezeDried) === 'static-oven' ? ['heat.appliance'] : []),
      ...notes.assumed,
    ],
    rest_minutes: rest_min > 0 ? Math.min(1440, Math.round(rest_min)) : null,
  };
}

/** An oven that is set without a time: "Bake at 350 until golden". */
function withBareBake(found: readonly Stretch[], { setpoint_c, from, appliance }: Rest): readonly Stretch[] {
  if (found.some(({ kind }) => kind === 'hold') || setpoint_c === null) return found;
  const bake: Stretch = { kind: 'hold', time: null, air: setpoint_c, appliance, from };
  const at = found.findIndex(({ kind }) => kind === 'off' || kind === 'freeze');
  return at === -1 ? [...found, bake] : [...found.slice(0, at), bake, ...found.slice(at)];
}

/** A heat that was said after what is baked by a time, and that nothing is baked at. */
function isLeftOut(setpoint_c: TemperatureSpan | null, timed: readonly Timed[]): boolean {
  const airs = timed.flatMap(({ kind, air }) => (kind === 'hold' && air !== null ? [middle(air)] : []));
  return setpoint_c !== null && airs.length > 0 && airs.every((air_c) => Math.abs(air_c - middle(setpoint_c)) > A_DEGREE);
}
const A_DEGREE = 1;

/** What a stretch is in. What is freeze-dried is frozen in the freeze dryer. */
function kindOf({ kind, appliance, air }: Timed, freezeDried: boolean): ApplianceKind {
  if (kind === 'freeze-dry') return 'freeze-dryer';
  if (kind === 'freeze') return freezeDried ? 'freeze-dryer' : 'freezer';
  if (appliance !== null && appliance !== 'freeze-dryer') return appliance;
  if (air?.scale === 'gas') return 'gas-oven';
  return air?.fan ? 'fan-oven' : 'static-oven';
}

/** Ovens that a programme goes on in unless another appliance is named. */
const IN_PLACE: ReadonlySet<ApplianceKind> = new Set(['fan-oven', 'gas-oven', 'small-oven']);

type Notes = { readonly assumed: string[]; readonly questions: string[] };

function timedStep(stretch: Timed, all: readonly Timed[], { assumed, questions }: Notes): HeatStep {
  const { kind, time, air } = stretch;
  const minutesOr = (unsaid: number, ask: string): number => {
    if (time) {
      if (time.high > time.low * WIDE)
        questions.push(`"${stretch.from}" gives ${minutesWords(time.low)} to ${minutesWords(time.high)}; the middle is taken.`);
      return Math.min(LONGEST_MIN, Math.round(middle(time)));
    }
    assumed.push(`heat.steps.${kind}.minutes`);
    questions.push(ask);
    return unsaid;
  };
  if (kind === 'off')
    return {
      do: 'off',
      minutes: minutesOr(UNSAID.off_min, `How long does it stay in the oven that is off? ${UNSAID.off_min} min are assumed.`),
      ...(stretch.ajar ? { door: 'ajar' as const } : {}),
    };
  if (kind === 'chill') return { do: 'chill', minutes: minutesOr(60, 'How long is it chilled?') };
  if (kind === 'freeze') {
    const minutes = minutesOr(UNSAID.freeze_min, `How long is it frozen? ${UNSAID.freeze_min} min are assumed.`);
    return { do: 'freeze', minutes, ...(air && air.low <= -5 ? { freezer_c: Math.round(middle(air)) } : {}) };
  }
  if (kind === 'freeze-dry')
    return { do: 'freeze-dry', minutes: minutesOr(UNSAID.freezeDry_min, 'How long is it freeze-dried? A day is assumed.') };
  const minutes = minutesOr(
    UNSAID.hold_min,
    `How long is it baked? ${UNSAID.hold_min} min are assumed: "${stretch.from}" gives no time.`,
  );
  const known = air ?? all.find((other) => other.kind === 'hold' && other.air !== null)?.air ?? null;
  if (known === null) {
    assumed.push('heat.steps.hold.setpoint_c');
    questions.push(`How hot is it? ${UNSAID.setpoint_c} °C are assumed: "${stretch.from}" gives no temperature.`);
  } else if (known.high > known.low)
    questions.push(`"${stretch.from}" gives ${tenth(known.low)} to ${tenth(known.high)} °C; the middle is taken.`);
  return { do: 'hold', setpoint_c: tenth(known ? middle(known) : UNSAID.setpoint_c), minutes };
}
/** As finely as 350 °F needs it to be 350 °F again. */
const tenth = (temperature_c: number): number => Math.round(temperature_c * 10) / 10;
/** A range this wide asks [1]. Source: ours; 25 to 30 minutes is narrower. */
const WIDE = 1.35;

const minutesWords = (minutes: number): string =>
  minutes >= 120 ? `${Math.round(minutes / 6) / 10} h` : `${Math.round(minutes)} min`;

/** A moment stands where it is said, or parts the last hold. */
function addMoment(written: Written[], { name, at }: Extract<Stretch, { kind: 'moment' }>): void {
  const step = momentStep(name);
  let last = written.length - 1;
  while (last >= 0 && written[last].step.do !== 'hold') last--;
  const stretch = last >= 0 ? written[last].step : null;
  if (at === 'here' || stretch?.do !== 'hold') {
    written.push({ step, timed: false });
    return;
  }
  const total = stretch.minutes;
  const cuts =
    at === 'half' ? [total / 2] : 'after_min' in at ? (at.after_min < total ? [at.after_min] : []) : every(total, at.every_min);
  const edges = [0, ...cuts, total];
  const parts = edges
    .slice(1)
    .flatMap((edge, i): Written[] => [
      { step: { ...stretch, minutes: Math.round(edge) - Math.round(edges[i]) }, timed: true },
      ...(i < cuts.length ? [{ step, timed: false }] : []),
    ]);
  written.splice(last, 1, ...parts);
}

function every(total: number, period: number): number[] {
  const cuts: number[] = [];
  for (let at = period; at < total - 1 && cuts.length < MOST_TURNS; at += period) cuts.push(at);
  return cuts;
}

const momentStep = (name: MomentName): HeatStep => (name === 'brush' ? { do: 'brush', grams: UNSAID.wash_g } : { do: name });

/** Moments count only between stretches; a turn that is said last is at the half of the last hold. */
function cleaned(written: Written[]): HeatStep[] {
  const lastTimed = written.findLastIndex(({ timed }) => timed);
  const trailing = written.slice(lastTimed + 1).filter(({ step }) => step.do === 'turn' || step.do === 'stir');
  const kept = written.slice(0, lastTimed + 1);
  for (const { step } of trailing.slice(0, 1))
    addMoment(kept, { kind: 'moment', name: step.do as MomentName, at: 'half', from: '' });
  const firstTimed = kept.findIndex(({ timed }) => timed);
  return kept
    .filter(({ step, timed }, i) => timed || i > firstTimed || step.do === 'brush')
    .filter(({ step }, i, all) => !(step.do === all[i - 1]?.step.do && !all[i].timed))
    .map(({ step }) => step);
}
