import { A_DAY_MIN } from '../quantities';
import { setupMinutes, type Day, type PlannedStep } from './day';
import { endOf } from './cost';
import { modesOf } from './modes';

/** What a batch waited for on its way to being late, and for how long [min]. */
export type Cause = {
  /** Another's hands, a machine by its id, the night, a place in a store, or nothing but its own length. */
  readonly waitedFor:
    | { readonly kind: 'hands' | 'night' | 'held-back' | 'own-length' }
    | { readonly kind: 'machine' | 'store'; readonly id: string };
  readonly minutes: number;
};
export type Late = { readonly b: number; readonly minutes: number; readonly causes: readonly Cause[] };

/** Hands that get free within so many minutes of a start are what it waited for. */
const NEAR = 3;
const MOST_STEPS_BACK = 200;

/** Every batch that is late, by how much, and what held it up: walked back from its end to whoever was in the way. */
export function lateBatches(day: Day, plan: readonly PlannedStep[]): Late[] {
  return day.batches.flatMap(({ due }, b) => {
    const minutes = endOf(plan, b) - due;
    return minutes > 0 ? [{ b, minutes, causes: causesOf(day, plan, b) }] : [];
  });
}

function causesOf(day: Day, plan: readonly PlannedStep[], b: number): Cause[] {
  const byStep = new Map(plan.map((rec) => [key(rec), rec]));
  const modes = new Map(
    day.batches.map(({ steps }, at) => [
      at,
      modesOf(
        steps,
        plan.filter((rec) => rec.b === at).sort((x, y) => x.j - y.j),
      ),
    ]),
  );
  const sums = new Map<string, { cause: Cause['waitedFor']; minutes: number }>();
  const add = (cause: Cause['waitedFor'], minutes: number): void => {
    const name = 'id' in cause ? cause.id : cause.kind;
    sums.set(name, { cause, minutes: (sums.get(name)?.minutes ?? 0) + minutes });
  };
  let rec = plan
    .filter((one) => one.b === b)
    .reduce<PlannedStep | null>((last, one) => (last && last.j >= one.j ? last : one), null);
  for (let back = 0; rec && back < MOST_STEPS_BACK; back++) {
    const here: PlannedStep = rec;
    const before = byStep.get(key({ b: here.b, j: here.j - 1 }));
    const { minWait = 0 } = before ? day.batches[before.b].steps[before.j] : {};
    const ready = before ? before.e + minWait : Math.max(day.t0, day.batches[here.b].release ?? day.t0);
    const waited = here.s - ready;
    if (waited <= 0) {
      rec = before ?? null;
      continue;
    }
    const blocker = blockerOf(day, plan, here, modes.get(here.b)?.[here.j]?.res ?? null, modes);
    add(blocker?.cause ?? { kind: asleepBefore(day, here) ? 'night' : 'held-back' }, waited);
    rec = blocker && blocker.rec.s < here.s ? blocker.rec : (before ?? null);
  }
  const found = [...sums.values()].map(({ cause, minutes }) => ({ waitedFor: cause, minutes }));
  return found.length > 0 ? found.sort((x, y) => y.minutes - x.minutes) : [{ waitedFor: { kind: 'own-length' }, minutes: 0 }];
}

const key = ({ b, j }: Pick<PlannedStep, 'b' | 'j'>): string => `${b}/${j}`;

type Blocker = { readonly rec: PlannedStep; readonly cause: Cause['waitedFor'] };

/** Whoever ended just as this step could begin: in the same machine, its change of temperature counted, or with the same hands. */
// oxlint-disable-next-line max-params -- older than the rule
function blockerOf(
  day: Day,
  plan: readonly PlannedStep[],
  rec: PlannedStep,
  res: string | null,
  modes: ReadonlyMap<number, ReadonlyArray<{ readonly res: string; readonly T: number; readonly Tout?: number } | null>>,
): Blocker | null {
  const machine = day.machines.find(({ id }) => id === res);
  const wanted = modes.get(rec.b)?.[rec.j];
  if (machine && wanted)
    for (const other of plan) {
      const mode = modes.get(other.b)?.[other.j];
      if (other === rec || !mode || mode.res !== res || other.s >= rec.s) continue;
      const free = other.e + (machine.kind === 'fd' ? (machine.turn ?? 0) : setupMinutes(machine, mode.Tout ?? mode.T, wanted.T));
      if (Math.abs(free - rec.s) <= NEAR) return { rec: other, cause: { kind: 'machine', id: machine.id } };
    }
  const first = rec.att.length > 0 ? rec.att[0].s : null;
  if (first !== null)
    for (const other of plan)
      if (other !== rec && other.att.some(({ e }) => Math.abs(e - first) <= NEAR))
        return { rec: other, cause: { kind: 'hands' } };
  return storeBlocker(day, plan, rec);
}

/** Whoever gave a place of the same store back just then: its next step began. */
function storeBlocker(day: Day, plan: readonly PlannedStep[], rec: PlannedStep): Blocker | null {
  const storeOf = ({ b, j }: Pick<PlannedStep, 'b' | 'j'>): string | undefined => day.batches[b].steps[j]?.store?.id;
  const id = storeOf(rec);
  if (id === undefined) return null;
  for (const other of plan) {
    if (other.b === rec.b || storeOf(other) !== id || storeOf({ b: other.b, j: other.j + 1 }) === id) continue;
    const next = plan.find(({ b, j }) => b === other.b && j === other.j + 1);
    if (Math.abs((next?.s ?? other.e) - rec.s) <= NEAR) return { rec: other, cause: { kind: 'store', id } };
  }
  return null;
}

/** Hands begin just as somebody wakes. */
const asleepBefore = ({ win }: Day, { s, att }: PlannedStep): boolean => {
  const at = (att.length > 0 ? att[0].s : s) % A_DAY_MIN;
  return win.some(([a]) => Math.abs((a % A_DAY_MIN) - at) <= NEAR);
};

/** Causes in words for those who read plans as text. */
export function causeWords({ waitedFor, minutes }: Cause): string {
  switch (waitedFor.kind) {
    case 'machine':
    case 'store':
      return `waited ${minutes} min for ${waitedFor.id}`;
    case 'hands':
      return `waited ${minutes} min for hands`;
    case 'night':
      return `waited ${minutes} min for somebody to be awake`;
    case 'held-back':
      return `held back ${minutes} min so that no later wait gets too long`;
    case 'own-length':
      return 'takes longer than there is time';
  }
}
