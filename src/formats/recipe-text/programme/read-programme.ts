import type { ApplianceKind } from '@/core/catalogue';
import { findDurations, findTemperatures, middle, type Span, type TemperatureSpan } from '@/core/written';
import { clausesOf, type Clause } from './clauses';
import * as said from './heat-words';
import { BESIDE, assemble, type ReadProgramme } from './assemble';
import { findMoreTime } from './more-time';
import { hold, moment, periodic, splitLast, type Stretch } from './stretches';

/** What is being worked out while the clauses go by. */
type State = {
  readonly stretches: Stretch[];
  appliance: ApplianceKind | null;
  /** Setpoint that the next time without one is at [°C]; null until one is said. */
  setpoint_c: TemperatureSpan | null;
  setpointFrom: string;
  /** The last time that something was in the heat, in its words; what comes on top of it may leave out its unit. */
  lasted: { readonly span: Span; readonly words: string } | null;
  cold: boolean;
  rest_min: number;
  /** Stretches before the last clause, and other ways than those that it told. */
  before: number;
  readonly otherWays: string[];
  /** What the clauses of this sentence have been about. */
  doing: 'heat' | 'rest' | 'off' | 'freeze' | 'freeze-dry' | 'chill' | null;
  readonly usual: 'C' | 'F';
};

/**
 * Reads what a recipe does with heat and cold, in the order of its words.
 *
 * @param steps - its steps and what else it says, in order
 * @param usual - the scale of temperatures whose scale is not said
 * @returns null where nothing is said about heat or cold
 */
export function readProgramme(steps: readonly string[], usual: 'C' | 'F'): ReadProgramme | null {
  const state: State = {
    stretches: [],
    appliance: null,
    setpoint_c: null,
    setpointFrom: '',
    lasted: null,
    cold: false,
    rest_min: 0,
    before: 0,
    otherWays: [],
    doing: null,
    usual,
  };
  for (const clause of clausesOf(steps)) readClause(state, clause);
  return assemble(state.stretches, {
    setpoint_c: state.setpoint_c,
    from: state.setpointFrom,
    rest_min: state.rest_min,
    otherWays: state.otherWays,
    appliance: state.appliance,
    cold: state.cold,
  });
}

function readClause(state: State, clause: Clause): void {
  const { text } = clause;
  if (clause.opens) state.doing = null;
  if (clause.instead && state.stretches.slice(state.before).some(({ kind }) => kind !== 'moment')) {
    state.otherWays.push(text);
    return;
  }
  state.before = state.stretches.length;
  const whole = findDurations(text);
  const temperatures = airOf(text, findTemperatures(text, state.usual));
  const doing = doingOf(state, text, { times: whole, temperatures });
  const times = whole.length > 0 ? whole : moreTime(text, doing, state.lasted);
  const named = said.APPLIANCE_WORDS.find(([words]) => words.test(text))?.[1];
  if (named && doing !== 'rest' && !(named === 'hob-pan' && state.stretches.length > 0)) state.appliance = named;
  else if (/\boven\b/i.test(text) && doing === 'heat' && !isOven(state.appliance)) state.appliance = null;
  if (said.COLD_OVEN.test(text)) state.cold = true;
  state.doing = doing;
  const done = momentsOf(state, clause, times);
  // "Flip, bake 10 more": before it; "dry for 2 hours, stirring every half hour": within it.
  state.stretches.push(...done.filter(({ at }) => at === 'here'));
  stretch(state, text, { times: times.filter((time) => isStretch(text, time)), temperatures });
  state.stretches.push(...done.filter(({ at }) => at !== 'here'));
}

/** A time on top of another one, which leaves its unit to that; how many it makes is none. */
function moreTime(text: string, doing: State['doing'], lasted: State['lasted']): readonly Span[] {
  const mayLast = (doing === 'heat' || doing === 'off') && !said.COUNTING.test(text);
  const more = lasted && mayLast ? findMoreTime(text, lasted) : null;
  return more ? [more] : [];
}

const OVENS: ReadonlySet<ApplianceKind> = new Set(['static-oven', 'fan-oven', 'small-oven', 'gas-oven']);
const isOven = (kind: ApplianceKind | null): boolean => kind === null || OVENS.has(kind);

/** Temperatures of the air, each once: "180C/160C fan/gas 4" is one. */
function airOf(text: string, found: readonly TemperatureSpan[]): TemperatureSpan[] {
  const kept: TemperatureSpan[] = [];
  for (const [i, span] of found.entries()) {
    const between = i === 0 ? '' : text.slice(found[i - 1].end, span.start);
    const same =
      i > 0 &&
      /^[\s/(),;|–-]*(?:or|fan|convection|oven|in a|conventional|static|=)?[\s/(),;|–-]*(?:fan|or)?[\s:/(]*$/i.test(between);
    if (same) {
      // The one for a still oven counts where both are given.
      const before = kept.at(-1);
      if (before?.fan && !span.fan) kept[kept.length - 1] = span;
    } else if (!said.NOT_THE_AIR.test(text.slice(0, span.start))) kept.push(span);
  }
  return kept;
}

type Found = { readonly times: readonly Span[]; readonly temperatures: readonly TemperatureSpan[] };

/** What a clause is about: its own words, or what its sentence was about before it. */
function doingOf(state: State, text: string, { times, temperatures }: Found): State['doing'] {
  if (said.FREEZE_DRYING.test(text)) return 'freeze-dry';
  if (said.FREEZING.test(text)) return 'freeze';
  if (said.OFF.test(text)) return 'off';
  if (said.CHILLING.test(text)) return 'chill';
  if (temperatures.length > 0 && !said.RESTING.test(text) && !said.STORING.test(text)) return 'heat';
  if (said.HEATING.test(text) && !(said.RESTING.test(text) && !/\bbak|\boven/i.test(text))) return 'heat';
  if (said.RESTING.test(text)) return 'rest';
  if (state.doing !== null) return state.doing;
  if (state.lasted && MOMENTS.some(([words]) => words.test(text))) return 'heat';
  return times.some(({ low }) => low < A_DAY) && !/\b(?:keep|store|last|use|serve|eat)/i.test(text) ? 'heat' : null;
}
/** A day [min]. */
const A_DAY = 1440;

/** A time that something lasts, not when or how often something happens, nor how long it keeps. */
function isStretch(text: string, { start, end, low }: Span): boolean {
  const before = text.slice(0, start);
  if (said.EVERY.test(before) || said.isWhen(before, text.slice(end))) return false;
  const words = text.slice(start, end);
  return !(said.LONG_UNIT.test(words) && !/night/i.test(words)) && low > 0;
}

type Moment = Extract<Stretch, { kind: 'moment' }>;

/** Things done at a moment: turned, stirred, brushed, snapped apart. */
function momentsOf(state: State, { text }: Clause, times: readonly Span[]): Moment[] {
  const heated = state.stretches.some(({ kind }) => kind === 'hold');
  const every = times.find(({ start }) => said.EVERY.test(text.slice(0, start)));
  const period_min = every ? middle(every) : /\bevery hour\b|\bhourly\b/i.test(text) ? HOURLY_MIN : null;
  const after = times.find(({ start, end }) => said.isWhen(text.slice(0, start), text.slice(end)));
  const name = MOMENTS.find(([words]) => words.test(text))?.[1];
  if (name !== undefined && !said.TURNING_OUT.test(text) && (heated || name === 'brush' || inHeat(state, text, times))) {
    if (period_min !== null) return [{ ...periodic(name, period_min), from: text }];
    if (after) return [{ ...splitLast(name, middle(after)), from: text }];
    return [{ ...(said.HALF_WAY.test(text) ? splitLast(name) : moment(name)), from: text }];
  }
  return [
    ...(said.TURNING_OUT.test(text) ? [{ ...moment('turn-out'), from: text }] : []),
    ...(said.SNAPPING.test(text) || (said.CUTTING.test(text) && heated) ? [{ ...moment('snap-apart'), from: text }] : []),
  ];
}
const HOURLY_MIN = 60;
const MOMENTS = [
  [said.ROTATING, 'rotate-trays'],
  [said.STIRRING, 'stir'],
  [said.BRUSHING, 'brush'],
  [said.TURNING, 'turn'],
] as const;
/** "Dry 8 h turning once": the moment is said in the same words as the stretch. */
const inHeat = (state: State, text: string, times: readonly Span[]): boolean =>
  state.doing === 'heat' && times.some((time) => isStretch(text, time));

/** Lengths of time and the heat they are at. */
function stretch(state: State, text: string, { times, temperatures }: Found): void {
  const { stretches, doing } = state;
  const from = text;
  if (doing === 'rest') {
    // After the heat it is a coat that sets, not a dough that rests.
    if (stretches.some(({ kind }) => kind !== 'moment')) return;
    state.rest_min += times.reduce(
      (sum, time) => sum + (/\b(?:simmer|boil|blanch|steam|beat|whisk|knead|poach|microwave)/i.test(text) ? 0 : middle(time)),
      0,
    );
    return;
  }
  if (doing === 'off') return offStretch(state, text, times);
  if (doing === 'freeze' || doing === 'freeze-dry' || doing === 'chill') {
    if (doing === 'freeze' && said.NOT_WHOLLY.test(text)) return;
    const [time] = times;
    // What is done next is not frozen once more.
    if (!time && ![said.FREEZE_DRYING, said.FREEZING, said.CHILLING].some((words) => words.test(text))) return;
    if (!time && (doing === 'chill' || /\b(?:freezer|months?|weeks?|frozen|keep|store|well)\b/i.test(text))) return;
    stretches.push({ kind: doing, time: time ?? null, air: temperatures[0] ?? null, appliance: state.appliance, from });
    return;
  }
  if (doing !== 'heat') return;
  const described = said.OVEN_WORDS.find(([words]) => words.test(text));
  const airs =
    temperatures.length > 0
      ? temperatures
      : described
        ? [{ low: described[1], high: described[1], scale: null, fan: false, start: 0, end: 0 }]
        : [];
  for (const [i, time] of times.entries()) {
    const air = airs[Math.min(i, airs.length - 1)] ?? state.setpoint_c;
    const one = { ...hold(time, air), appliance: state.appliance, from };
    stretches.push(one);
    state.lasted = { span: time, words: text.slice(time.start, time.end) };
    if (EACH_SIDE.test(text.slice(time.end))) stretches.push({ ...moment('turn'), from }, one);
  }
  const last = airs.at(-1);
  if (last) [state.setpoint_c, state.setpointFrom] = [last, text];
}

/** The time is that of one side. */
const EACH_SIDE = /^\s*(?:a|on each|each|per|on either) side\b/i;

/** Off for as long as is said; what follows in the same sentence may say it: "turn off, leave for an hour". */
function offStretch(state: State, text: string, times: readonly Span[]): void {
  const { stretches } = state;
  const before = stretches.at(-1);
  if (before?.kind === 'off' && before.time === null) {
    if (times.length > 0) stretches[stretches.length - 1] = { ...before, time: times[0], from: `${before.from}${BESIDE}${text}` };
    return;
  }
  if (before?.kind === 'off' && times.length === 0) return;
  stretches.push({
    kind: 'off',
    time: times[0] ?? null,
    air: null,
    appliance: state.appliance,
    ajar: /\bajar\b|\bopen\b/i.test(text),
    from: text,
  });
}

export type { ReadProgramme } from './assemble';
