import type { BatchDocument, Heat } from '../document';
import { applianceRecord, isChamber } from '../catalogue';
import { writtenStages, type WrittenStage } from '../programme';
import { courseOf, prefixOf, type Part } from './course-of-work';
import { EVENT_MINUTES, mixMinutes, packMinutes } from './hand-work';
import { visitsToLoad, type Act } from './visits';
import { packsOf, type Turn } from './turns';

/** One call to the hands at a batch: what to do, and when. */
export type Call = {
  /** Stays the same while only times of the programme change. */
  readonly id: string;
  /** The step of the day's plan that it belongs to. */
  readonly step: string;
  readonly act: Act;
  /** Minutes counted from the trays' going in, or from the call before. */
  readonly from: 'put-in' | 'before';
  readonly minutes: number;
  /** How long hands are at it [min]. */
  readonly hands: number;
  /** The step of the programme that runs until then; null where none does. */
  readonly runs: number | null;
  /** Whose programme it is of, where portions of a bowl have their own; null for all of the batch. */
  readonly portion: string | null;
};

/** Everything that hands are called to from bowl to jar, in order; loads one after another, and programmes too. */
export function callsOf(document: BatchDocument, turns: readonly Turn[]): Call[] {
  const courses = turns.map((turn, i) => ({ ...courseOf(turn, prefixOf(i)), turn }));
  const stands = document.recipe.rest_minutes ?? 0;
  const call = (step: string, act: Act, minutes: number, hands: number): Call => ({
    id: step,
    step,
    act,
    from: 'before',
    minutes,
    hands,
    runs: null,
    portion: null,
  });
  const shaping = turns.reduce((sum, { shaping_min }) => sum + shaping_min, 0);
  const named = (of: (one: (typeof courses)[number]) => readonly Part[]): Call[] =>
    courses.flatMap((one) =>
      of(one)
        .flatMap(partPrompts)
        .map((prompt) => ({ ...prompt, portion: one.turn.portion })),
    );
  return [
    call('mix', { do: 'mix' }, 0, mixMinutes(document.recipe.ingredients.length)),
    ...(stands > 0 ? [call('rest', { do: 'stand' }, Math.round(stands), 1)] : []),
    ...heatUp(writtenStages(turns[0].document.heat)[0]),
    call('shape', { do: 'shape' }, 0, Math.max(3, Math.round(shaping))),
    ...named(({ parts }) => parts),
    call('cool', { do: 'cooled' }, Math.max(...courses.map(({ cool_min }) => cool_min)), 1),
    ...named(({ finishing }) => finishing),
    call('pack', { do: 'pack' }, 0, packMinutes(packsOf(turns))),
  ];
}

/** An oven is switched on while the pieces are shaped; what is dried warms up with the dryer. */
function heatUp(stage: WrittenStage | undefined): Call[] {
  const first = stage?.steps.find(({ step }) => 'minutes' in step)?.step;
  if (!stage || !isChamber(stage.kind) || applianceRecord(stage.kind).drier || first?.do !== 'hold' || first.preheated === false)
    return [];
  const act: Act = { do: 'heat-up', kind: stage.kind, setpoint_c: first.setpoint_c };
  return [{ id: 'heat-up', step: 'shape', act, from: 'before', minutes: 0, hands: 1, runs: null, portion: null }];
}

type OfProgramme = Omit<Call, 'portion'>;

function partPrompts(part: Part): OfProgramme[] {
  const { id: step } = part;
  if (part.in === 'appliance')
    return visitsToLoad(part.stage, part.load, part.loads).map(({ act, minute, hands, runs }, i): OfProgramme => {
      const from = i === 0 ? 'before' : 'put-in';
      return { id: `${step}/${i}`, step, act, from, minutes: minute, hands, runs };
    });
  if (part.in === 'hands') {
    const act: Act = { do: 'step', kind: 'static-oven', step: part.step };
    return [{ id: `${step}/0`, step, act, from: 'before', minutes: 0, hands: EVENT_MINUTES[part.step.do] ?? 5, runs: null }];
  }
  const wait: OfProgramme = {
    id: `${step}/1`,
    step,
    act: { do: part.step.do === 'dry-coat' ? 'set' : 'cooled' },
    from: 'before',
    minutes: part.minutes,
    hands: 1,
    runs: null,
  };
  if (part.in === 'rack' && part.step.do !== 'dry-coat') return [wait];
  return [{ ...wait, id: `${step}/0`, act: { do: 'step', kind: 'freezer', step: part.step }, minutes: 0 }, wait];
}

/** Calls that end a wait. */
const WAITS: ReadonlySet<Act['do']> = new Set<Act['do']>(['cooled', 'stand', 'set']);

/** How a batch goes: when each call was done (null: still to come), what was put on top, when the day's plan has it begin. */
export type Progress = {
  readonly done: ReadonlyArray<number | null>;
  readonly added: readonly number[];
  /** When the first is due, and from when each step of the day may begin. */
  readonly starts: number;
  readonly planned: Readonly<Record<string, number>>;
};

/**
 * When every call is due, on whatever clock the done ones were noted on [min]: what is done stands, what is to come follows
 * from it, and not before the day's plan has hands and machine for it; a programme runs on from when its trays went in,
 * however late a call was answered.
 */
export function dueTimes(calls: readonly Call[], { done, added, starts, planned }: Progress): number[] {
  let before = starts;
  let wentIn = starts;
  return calls.map(({ step, from, minutes, hands, act }, i) => {
    const wait = minutes + (added[i] ?? 0);
    const isNew = i > 0 && calls[i - 1].step !== step && !WAITS.has(act.do);
    const opens = isNew ? (planned[step] ?? -Infinity) : -Infinity;
    const due = i === 0 ? starts + wait : from === 'put-in' ? wentIn + wait : Math.max(before, opens) + wait;
    const ended = done[i] ?? due + (from === 'put-in' || act.do === 'put-in' ? 0 : hands);
    if (act.do === 'put-in') wentIn = done[i] ?? due;
    before = ended;
    return due;
  });
}

/** Which appliance of the programme each call brings trays to or takes them from, by its number; null for every other call. */
export function stageOfCalls(calls: readonly Call[]): Array<number | null> {
  let stage = -1;
  return calls.map(({ act }) => {
    if (act.do === 'heat-up') return 0;
    if (act.do === 'put-in' && act.load === 1) stage++;
    return act.do === 'put-in' || act.do === 'take-out' ? stage : null;
  });
}

/** When the first load's trays went into one appliance of the programme and came out of it; null: not yet. */
export type StageTimes = { readonly stage: number; readonly in: number | null; readonly out: number | null };

/** Where a batch's first load stood and when, appliance after appliance, on the clock that its calls were noted on. */
export function stageTimes(calls: readonly Call[], done: ReadonlyArray<number | null>): StageTimes[] {
  const goes = calls.flatMap(({ act }, i) => (act.do === 'put-in' && act.load === 1 ? [i] : []));
  return goes.map((at, stage) => {
    const out = calls.findIndex(({ act }, i) => i > at && act.do === 'take-out');
    return { stage, in: done[at], out: out === -1 ? null : done[out] };
  });
}

/** Where the trays are, or where they were last; the first appliance while they are in none. */
export const stageNow = (times: readonly StageTimes[]): StageTimes | undefined =>
  times.findLast((stay) => stay.in !== null) ?? times[0];

/** The next call of a batch: the first that is not done; null when all are. */
export const nextCall = (done: ReadonlyArray<unknown>): number | null => {
  const at = done.findIndex((one) => one === null);
  return at === -1 ? null : at;
};

/** A step of the day as it really went, in the minutes of the day's plan; `to` is null while it goes on. */
export type Begun = { readonly batch: string; readonly step: string; readonly from: number; readonly to: number | null };

/** The steps of a batch that have begun, from its calls. */
export function begunSteps(batch: string, calls: readonly Call[], { done, ...rest }: Progress, now: number): Begun[] {
  const due = dueTimes(calls, { done, ...rest });
  const steps = [...new Set(calls.map(({ step }) => step))];
  return steps.flatMap((step) => {
    const mine = calls.flatMap((call, i) => (call.step === step ? [i] : []));
    const [first, last] = [mine[0], mine[mine.length - 1]];
    const to = done[last];
    const at = done[first];
    const { act, hands } = calls[first];
    // Work of hands is noted when it ends, waiting when it begins with what came before it, heat when the trays are in.
    const before = first === 0 ? null : done[first - 1];
    const from =
      act.do === 'put-in'
        ? at === null
          ? null
          : at - hands
        : WAITS.has(act.do)
          ? before
          : startOfHands(at, due[first], hands, now, first === 0 || before !== null);
    return from === null ? [] : [{ batch, step, from, to }];
  });
}

/** Hands that have not called it done are taken to be at it once it is due and what comes before is done. */
// oxlint-disable-next-line max-params -- older than the rule
const startOfHands = (done: number | null, due: number, hands: number, now: number, free: boolean): number | null =>
  done !== null ? Math.min(done - 1, Math.max(due, done - hands)) : free && due <= now ? due : null;

/** The document with one stretch of a programme so much longer: a portion's own, or that of the batch. */
export function lengthened(
  document: BatchDocument,
  { runs, portion }: Pick<Call, 'runs' | 'portion'>,
  minutes: number,
): BatchDocument {
  const { heat, portions = [] } = document;
  const longer = (one: Heat): Heat => ({
    ...one,
    steps: one.steps.map((step, i) => (i === runs && 'minutes' in step ? { ...step, minutes: step.minutes + minutes } : step)),
  });
  if (!portions.some((one) => one.name === portion && one.heat)) return { ...document, heat: longer(heat) };
  return {
    ...document,
    portions: portions.map((one) => (one.name === portion && one.heat ? { ...one, heat: longer(one.heat) } : one)),
  };
}
