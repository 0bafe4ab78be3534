import { SPREAD, type Draw } from '../bands';
import { fail, succeed, type Result } from '../failure';
import { colourWord } from '../heat';
import { cutThroughOf } from '../prediction';
import { nominalThickness, thicknessSpread } from '../yield';
import type { Act } from './act';
import { ALL_WORLDS, bandOver, believe, cluesOf, meanOver, runAll, type World } from './belief';
import { bestAlong, blindBest, daysByWater, expectedAt, type Chosen, type Days } from './best';
import { worthOf, type Ending, type Goal, type Worth } from './goal';
import { endingAt, rowAt, type Ran } from './ran';
import { rawTray_g, seenUntil, type Seen } from './seen';
import { SENSES, lossOf } from './senses';
import type { PieceName, Setting } from './setting';
import { stepsOf } from './steps-of';
import { truthOf } from './truth';
import { waysOn, type WayName } from './ways';
import { runShown } from './window';

/** How wet the middle was said to be before it was cut through. */
export const GUESSES = ['dry', 'damp', 'wet'] as const;
export type Guess = (typeof GUESSES)[number];

/** One piece as it really ended. */
export type EndedPiece = Ending & {
  readonly piece: PieceName;
  readonly moisture_pct: number;
  readonly centre_moisture_pct: number;
  readonly texture: string;
  readonly colour: string;
};

/** What was hidden: how far it was from the recipe. */
export type Hidden = {
  readonly thickness_mm: number;
  readonly planned_thickness_mm: number;
  /** What the air really was above the dial [K]; of one whose offset is known, above that. */
  readonly dial_K: number;
  /** Water of the raw dough beyond the recipe's [points]. */
  readonly water_pct: number;
  /** How fast the middle gave up its water, of what is usual [1]. */
  readonly pace: number;
  readonly humidity_pct: number;
};

/** The inside of a piece over the bake: rows are moments, columns are cells from top to bottom. */
export type CutOpen = {
  readonly minutes: readonly number[];
  readonly cells: number;
  readonly moisture_pct: readonly number[];
  readonly temperature_c: readonly number[];
  readonly height_mm: readonly number[];
};

/** A practice bake judged. */
export type Verdict = {
  readonly out_minute: number;
  readonly goal: Goal;
  readonly pieces: readonly EndedPiece[];
  /** Of the judged pieces together, as they really ended. */
  readonly worth: Worth;
  readonly days: number;
  /** What it was worth on average over all that could be true by what had been seen: luck is left out. */
  readonly expected: number;
  /** The best that could be done knowing no more, and how it would have ended in the true world. */
  readonly best: {
    readonly way: WayName;
    readonly setpoint_c: number | null;
    readonly from_min: number;
    readonly out_minute: number;
    readonly expected: number;
    readonly days: number;
    readonly colour: string;
  };
  /** Of the best that could be done, so much was done [0..1]. */
  readonly share: number;
  /** Water of the usual piece that could be true by what had been seen, in four of five cases [%]. */
  readonly believed: { readonly low: number; readonly high: number };
  /** The same had a tray been weighed just before, and what it would have shown [g]. */
  readonly weighing: { readonly grams: number; readonly raw_g: number; readonly low: number; readonly high: number };
  readonly guess: { readonly said: Guess; readonly was: Guess };
  readonly hidden: Hidden;
  readonly cut: CutOpen;
};

/** Worths nearer than this differ only by how numbers are rounded [1]. */
const THE_SAME = 1e-9;
/** Moments of the cut-through [1]. */
const CUT_MOMENTS = 120;

/** What a bake was: its setting, the number of its hidden truth, and everything that was done until they came out. */
export type Baked = { readonly setting: Setting; readonly bake: number; readonly acts: readonly Act[]; readonly guess: Guess };

/**
 * Judges a practice bake: how it ended, and how good that was against the best that could be done knowing no more. Both are means over
 * the worlds that what was seen allows, so that luck earns nothing.
 *
 * @returns BAD_VALUE where the pieces are not out
 */
export function verdictOf(baked: Baked): Result<Verdict> {
  const { setting, bake, acts, guess } = baked;
  const out = acts.find((act) => act.do === 'out');
  if (!out) return fail('BAD_VALUE', 'They are still in. Take them out first.', 'acts');
  const draw = truthOf(bake, setting.unknown);
  const { steps } = stepsOf(acts, setting);
  const ran = runShown(setting, steps, { draw, everyMin: Math.max(0.5, out.minute / CUT_MOMENTS), only: 'judged' });
  if (!ran.ok) return ran;
  const rans = ran.value;
  const days = daysByWater(setting);
  const pieces = rans.map((one, p) => endedPiece(one, setting.pieces.filter(({ judged }) => judged)[p].name, out.minute));
  const seen = seenUntil(acts, rans, out.minute, bake);
  const before = runAll(setting, steps, ALL_WORLDS);
  const worlds = believe(before, cluesOf(before, acts, seen));
  const expected = expectedAt(worlds, out.minute, days);
  const best = bestKnowing(baked, { seen, worlds, days });
  const done = runShown(setting, best.way.steps, { draw, everyMin: Math.max(1, best.out_minute / CUT_MOMENTS), only: 'judged' });
  const ended = done.ok ? done.value.map((one) => endingAt(one, rowAt(one, best.out_minute))) : pieces;
  const together = meanEnding(pieces);
  return succeed({
    out_minute: out.minute,
    goal: setting.goal,
    pieces,
    worth: worthOf(setting.goal, together),
    days: together.days,
    expected,
    best: {
      way: best.way.name,
      setpoint_c: best.way.setpoint_c,
      from_min: best.way.from_min,
      out_minute: best.out_minute,
      expected: best.expected,
      days: meanEnding(ended).days,
      colour: colourWord(meanEnding(ended).browning),
    },
    share: best.expected > 0 ? Math.min(1, expected / best.expected) : 1,
    believed: bandOver(worlds, waterAt(out.minute)),
    weighing: weighingAt(rans, worlds, out.minute),
    guess: { said: guess, was: guessOf(setting.goal, pieces[0].centre_moisture_pct) },
    hidden: hiddenOf(setting, draw),
    cut: cutOpen(rans[0]),
  });
}

const waterAt =
  (minute: number) =>
  ({ rans }: World): number =>
    rans[0].finishAt(rowAt(rans[0], minute)).moisture_pct;

type Known = { readonly seen: readonly Seen[]; readonly worlds: readonly World[]; readonly days: Days };

/**
 * The best of two: the recipe's own programme by the clock, its end chosen before anything was seen; and the best way to go on from the
 * last thing seen. Both are then valued by all that was seen, as the baker's own bake is.
 */
function bestKnowing({ setting, acts }: Baked, { seen, worlds, days }: Known): Chosen {
  const blind = blindBest(setting, days);
  const choices: Chosen[] = blind
    ? [{ ...blind.chosen, expected: meanOver(worlds, ({ index }) => blind.worthIn.get(index) ?? 0) }]
    : [];
  const from_min = seen.length > 0 ? Math.max(...seen.map(({ known_at }) => known_at)) : 0;
  for (const way of waysOn(setting, acts, from_min)) {
    const best = bestAlong(setting, way, worlds, days);
    if (best) choices.push(best);
  }
  // A way that comes to the same as the recipe's own is not told instead of it.
  return choices.reduce((most, one) => (one.expected > most.expected + THE_SAME ? one : most));
}

function endedPiece(ran: Ran, piece: PieceName, minute: number): EndedPiece {
  const row = rowAt(ran, minute);
  const finish = ran.finishAt(row);
  const ending = endingAt(ran, row);
  return {
    ...ending,
    piece,
    moisture_pct: finish.moisture_pct,
    centre_moisture_pct: finish.centreMoisture_pct,
    texture: finish.words,
    colour: colourWord(ending.browning),
  };
}

/** The judged pieces together: what is mixed in one pack keeps as its middle does; what is raw in one is raw in all. */
function meanEnding(endings: readonly Ending[]): Ending {
  const mean = (of: (ending: Ending) => number): number => endings.reduce((sum, ending) => sum + of(ending), 0) / endings.length;
  return {
    days: mean(({ days }) => days),
    snap: mean(({ snap }) => snap),
    browning: mean(({ browning }) => browning),
    minutes: endings[0].minutes,
    clean: endings.every(({ clean }) => clean),
    hottest_c: Math.min(...endings.map(({ hottest_c }) => hottest_c)),
    kill_log10: Math.min(...endings.map(({ kill_log10 }) => kill_log10)),
  };
}

/** What a tray would have weighed as they came out, and what that would have told. */
function weighingAt(rans: readonly Ran[], worlds: readonly World[], minute: number): Verdict['weighing'] {
  const [ran] = rans;
  const loss = lossOf(ran, rowAt(ran, minute));
  const ofDraw = worlds.map(({ rans: [one] }) => lossOf(one, rowAt(one, minute)));
  const [clue] = [{ ofDraw, low: loss, high: loss, sd: SENSES.weigh.sd }];
  // On top of what was believed: each world counts as much as it did, times how like it is to this one weight.
  const weighed = believe(worlds, [clue]).map((world, i) => ({ ...world, weight: world.weight * worlds[i].weight }));
  const raw_g = rawTray_g(ran, 'usual');
  return { grams: Math.round(raw_g * (1 - loss / 100)), raw_g: Math.round(raw_g), ...bandOver(weighed, waterAt(minute)) };
}

const guessOf = ({ damp_from_pct, wet_from_pct }: Goal, centre_pct: number): Guess =>
  centre_pct >= wet_from_pct ? 'wet' : centre_pct >= damp_from_pct ? 'damp' : 'dry';

function hiddenOf({ planned, document }: Setting, draw: Draw): Hidden {
  const spread = thicknessSpread(planned.shape);
  const planned_thickness_mm = nominalThickness(planned.shape);
  const known = document.heat.appliance?.thermostat_offset_c !== undefined;
  return {
    thickness_mm: planned_thickness_mm * Math.exp(spread * draw.thickness),
    planned_thickness_mm,
    dial_K: (known ? SPREAD.measuredThermostat_K : SPREAD.thermostat_K) * draw.thermostat,
    water_pct: SPREAD.water_pct * draw.water,
    pace: Math.exp(SPREAD.diffusion * draw.diffusion),
    humidity_pct: 100 * SPREAD.humidity * draw.humidity,
  };
}

/** As plain numbers, since it is kept; a hundredth of each is more than is drawn. */
function cutOpen({ minutes, frames, profiles }: Ran): CutOpen {
  const { cells, moisture_pct, temperature_c, height_mm } = cutThroughOf({ frames, profiles }, minutes);
  const plain = (values: Float64Array): number[] => Array.from(values, (value) => Math.round(value * 100) / 100);
  return { minutes, cells, moisture_pct: plain(moisture_pct), temperature_c: plain(temperature_c), height_mm: plain(height_mm) };
}
