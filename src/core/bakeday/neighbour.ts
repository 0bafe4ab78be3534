import type { Day, PlannedStep } from './day';
import { genomeOf, noBounds, type Genome } from './genome';

/** How often each kind of change is tried [1]. Source: measured, ours. */
const SHARE = { recode: 0.2, reinsert: 0.25, tokens: 0.25, modes: 0.14, bound: 0.1 } as const;

/** A genome a little different from this one. */
export function neighbour(day: Day, genome: Genome, plan: readonly PlannedStep[], random: () => number): Genome {
  if (random() < PINS && hasPins(day)) return otherPinning(day, genome, random);
  let dice = random();
  if ((dice -= SHARE.recode) < 0) return recoded(day, genome, plan, random);
  if ((dice -= SHARE.reinsert) < 0) return reinserted(day, genome, plan, random);
  if ((dice -= SHARE.tokens) < 0) return shuffled(genome, random);
  if ((dice -= SHARE.modes) < 0) return otherMode(day, genome, random);
  if ((dice -= SHARE.bound) < 0) return otherBound(genome, plan, random);
  return { ...genome, lb: genome.lb.map((bounds) => bounds.map((bound) => (random() < 0.5 ? 0 : bound))) };
}

/** How often a pin is treated otherwise, on a day that has pins [1]. Source: measured, ours. */
const PINS = 0.1;
const hasPins = ({ batches }: Day): boolean => batches.some(({ steps }) => steps.some(({ pin }) => pin !== undefined));
const PINNINGS = ['hold', 'near', 'follow'] as const;

/** One pinned step takes its place otherwise. */
function otherPinning(day: Day, genome: Genome, random: () => number): Genome {
  const pinned = day.batches.flatMap(({ steps }, b) => steps.flatMap(({ pin }, j) => (pin === undefined ? [] : [{ b, j }])));
  const { b, j } = pinned[pick(random, pinned.length)];
  const pinning = genome.pinning.map((steps) => [...steps]);
  pinning[b][j] = PINNINGS[pick(random, PINNINGS.length)];
  return { ...genome, pinning };
}

const pick = (random: () => number, count: number): number => Math.floor(random() * count);
const signed = (random: () => number, size: number): number => (random() < 0.5 ? -size : size);

/** The order of the plan's real starts, with noise on some batches and steps. */
function recoded(day: Day, genome: Genome, plan: readonly PlannedStep[], random: () => number): Genome {
  const ofBatch = day.batches.map(() => (random() < 0.25 ? signed(random, 10 ** (2.6 * random())) : 0));
  const perStep = random() < 0.5;
  const at = plan.map(({ b, j, s }) => ({ b, j, at: s + ofBatch[b] + (perStep ? signed(random, 10 ** (2 * random())) : 0) }));
  at.sort((x, y) => x.at - y.at || x.b - y.b || x.j - y.j);
  return { ...genome, order: at.map(({ b }) => b) };
}

/** One or two batches are taken out, late ones rather, and their steps put back about another place. */
function reinserted(day: Day, genome: Genome, plan: readonly PlannedStep[], random: () => number): Genome {
  const late = day.batches.flatMap(({ due }, b) => (plan.some((rec) => rec.b === b && rec.e > due) ? [b] : []));
  let { order } = genome;
  const mode = genome.mode.map((modes) => [...modes]);
  const lb = genome.lb.map((bounds) => [...bounds]);
  for (let times = random() < 0.5 ? 1 : 2; times > 0; times--) {
    const b = late.length > 0 && random() < 0.4 ? late[pick(random, late.length)] : pick(random, day.batches.length);
    const rest = order.filter((one) => one !== b);
    const places = day.batches[b].steps.map(() => 0);
    const centre = random() * rest.length;
    const spread = random() * rest.length;
    for (const j of places.keys()) places[j] = Math.round(Math.min(rest.length, Math.max(0, centre + (random() - 0.5) * spread)));
    places.sort((x, y) => x - y);
    const next: number[] = [];
    let placed = 0;
    for (let i = 0; i <= rest.length; i++) {
      while (placed < places.length && places[placed] <= i) {
        next.push(b);
        placed++;
      }
      if (i < rest.length) next.push(rest[i]);
    }
    order = next;
    if (random() < 0.5) {
      mode[b] = mode[b].map(() => -1);
      lb[b] = lb[b].map(() => 0);
    }
  }
  return { ...genome, order, mode, lb };
}

/** Two steps near each other change places, or one moves. */
function shuffled(genome: Genome, random: () => number): Genome {
  const order = [...genome.order];
  const i = pick(random, order.length);
  if (random() < 0.5) {
    const k = Math.min(order.length - 1, Math.max(0, i + Math.round(signed(random, 8 * random()))));
    [order[i], order[k]] = [order[k], order[i]];
  } else {
    const [moved] = order.splice(i, 1);
    order.splice(pick(random, order.length + 1), 0, moved);
  }
  return { ...genome, order };
}

/** One step in another machine, or two batches that change roles. */
function otherMode(day: Day, genome: Genome, random: () => number): Genome {
  const choices = day.batches.flatMap(({ steps }, b) =>
    steps.flatMap(({ modes = [], sameRes }, j) => (modes.length > 1 && !sameRes ? [{ b, j, count: modes.length }] : [])),
  );
  if (choices.length > 0 && random() < 0.7) {
    const { b, j, count } = choices[pick(random, choices.length)];
    const mode = genome.mode.map((modes) => [...modes]);
    mode[b][j] = pick(random, count + 1) - 1;
    return { ...genome, mode };
  }
  const [x, y] = [pick(random, day.batches.length), pick(random, day.batches.length)];
  return {
    ...genome,
    order: balanced(
      day,
      genome.order.map((b) => (b === x ? y : b === y ? x : b)),
    ),
  };
}

/** Every batch as often as it has steps, after two that have not as many changed roles. */
function balanced(day: Day, order: readonly number[]): number[] {
  const left = day.batches.map(({ steps }) => steps.length);
  const kept = order.filter((b) => left[b]-- > 0);
  const missing = day.batches.flatMap(({ steps }, b) => {
    const have = kept.filter((one) => one === b).length;
    return new Array<number>(steps.length - have).fill(b);
  });
  return [...kept, ...missing];
}

/** A step is held back for a while, or let go. */
function otherBound(genome: Genome, plan: readonly PlannedStep[], random: () => number): Genome {
  const rec = plan[pick(random, plan.length)];
  const lb = genome.lb.map((bounds) => [...bounds]);
  lb[rec.b][rec.j] = lb[rec.b][rec.j] > 0 ? 0 : rec.s + 1 + pick(random, 150);
  return { ...genome, lb };
}

/** A plan as the start of another search: loosely, and held exactly where it is. */
export const genomesOf = (day: Day, plan: readonly PlannedStep[]): Genome[] => [
  genomeOf(day, plan),
  genomeOf(day, plan, true),
  { ...genomeOf(day, plan), mode: day.batches.map(({ steps }) => steps.map(() => -1)), lb: noBounds(day) },
];
