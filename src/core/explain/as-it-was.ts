import { type BatchDocument, finishingFrom } from '../document';
import { succeed, type Result } from '../failure';
import { predict, type Kitchen, type PredictionRun } from '../prediction';
import { nominalThickness } from '../yield';
import { THICKNESS_SD, type MeasuredBatch } from './measured';

/** Something that was measured to be otherwise than planned, and what that alone did to the loss [points of raw mass]. */
export type Known = { readonly cause: 'thickness' | 'time'; readonly points_pct: number; readonly amount: number };

/** A batch worked out as it was planned, and as it was really made as far as that was measured. */
export type AsItWas = { readonly planned: PredictionRun; readonly made: PredictionRun; readonly known: readonly Known[] };

/** Minutes by which a programme may be off before it counts as another one. */
const SAME_MIN = 2;

/** Puts what was measured into the batch, one thing after the other, and sees what each alone did. */
export function asItWas(document: BatchDocument, kitchen: Kitchen, measured: MeasuredBatch): Result<AsItWas> {
  const planned = predict(document, kitchen, 'light');
  if (!planned.ok) return planned;
  const known: Known[] = [];
  let made = planned.value;
  let now = document;
  const put = (cause: Known['cause'], amount: number, next: BatchDocument | null): void => {
    const other = next === null ? null : predict(next, kitchen, 'light');
    // What cannot be worked out with it stays as it was planned; the draws speak for it then.
    if (next === null || !other?.ok) return;
    known.push({ cause, amount, points_pct: lossOf(other.value) - lossOf(made) });
    [now, made] = [next, other.value];
  };
  const { thickness_mm, minutes } = measured;
  if (thickness_mm !== null) {
    const ratio = thickness_mm / nominalThickness(made.shape);
    if (Math.abs(Math.log(ratio)) > THICKNESS_SD) put('thickness', thickness_mm, withThickness(now, thickness_mm));
  }
  if (minutes !== null) {
    const more = minutes - made.heat.minutes;
    if (Math.abs(more) > SAME_MIN) put('time', more, withMinutes(now, more));
  }
  return succeed({ planned: planned.value, made, known });
}

export const lossOf = ({ prediction }: PredictionRun): number => prediction.outcome.mass_loss_pct;

/** The key of a shape that says how thick its pieces are; shapes that a mould makes have none. */
const THICKNESS_KEYS: Readonly<Record<string, string>> = {
  'roll-and-cut': 'thickness_mm',
  'score-slab': 'thickness_mm',
  slice: 'thickness_mm',
  drop: 'height_mm',
  ball: 'diameter_mm',
  'log-slice': 'slice_mm',
};

function withThickness(document: BatchDocument, thickness_mm: number): BatchDocument | null {
  const key = THICKNESS_KEYS[document.shape.method];
  if (key === undefined) return null;
  return { ...document, shape: { ...document.shape, [key]: thickness_mm } as BatchDocument['shape'] };
}

/** The last stretch that takes time is that much longer; null where none could be so short. */
function withMinutes(document: BatchDocument, more: number): BatchDocument | null {
  const { steps } = document.heat;
  const at = steps.slice(0, finishingFrom(steps)).findLastIndex((step) => 'minutes' in step);
  const last = steps[at];
  if (last === undefined || !('minutes' in last) || last.minutes + more < 1) return null;
  return {
    ...document,
    heat: { ...document.heat, steps: steps.map((step, i) => (i === at ? { ...last, minutes: last.minutes + more } : step)) },
  };
}
