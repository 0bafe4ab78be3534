import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { complaintsAbout } from '@/core/bakeday';
import { planDayText } from './plan-day-text';
import { readDay } from './read-day';

const SATURDAY = readFileSync('data/days/saturday.day.json', 'utf8');
type Loose = {
  batches: Array<Record<string, unknown> & { steps: Array<Record<string, unknown>> }>;
  machines: unknown[];
} & Record<string, unknown>;
const changed = (change: (day: Loose) => void): string => {
  const day = JSON.parse(SATURDAY) as Loose;
  change(day);
  return JSON.stringify(day);
};
const clock = (msEach = 0.5): (() => number) => {
  let ms = 0;
  return () => (ms += msEach);
};
/** On a machine that is never late. */
const PLANNED = planDayText(SATURDAY, clock(0.00001));

describe('the planner’s door', () => {
  it('prints a plan of every step that breaks no rule, the first of it at once', () => {
    const planned = PLANNED;
    const day = readDay(SATURDAY);
    if (!planned.ok || !day.ok) throw new Error('no plan');
    const { plan, first_ms, total_ms, late } = planned.value;
    expect(plan).toHaveLength(8);
    expect(complaintsAbout(day.value, plan)).toEqual([]);
    expect(first_ms).toBeLessThan(total_ms);
    expect(plan.filter(({ batch }) => batch === 'pear moons').map(({ step }) => step)).toEqual(['slice', 'dry', 'pack']);
    expect(late).toEqual([]);
  });
  it('says which batch is late, by how much, and what it waited for', () => {
    const planned = planDayText(
      changed((day) => {
        day.batches[0].due = 700;
        day.batches.push({ ...structuredClone(day.batches[0]), id: 'more hillbars', due: 720 });
      }),
      clock(),
    );
    if (!planned.ok) throw new Error(planned.message);
    expect(planned.value.late.map(({ because }) => because).join()).toMatch(/waited \d+ min for (big oven|hands)/);
    for (const { minutes, because } of planned.value.late) {
      expect(minutes).toBeGreaterThan(0);
      expect(because).not.toBe('');
    }
  });
  it('plans the same on a machine ten times as slow, and says what it did not try where it would take too long', () => {
    const [quick, slow, stuck] = [PLANNED, planDayText(SATURDAY, clock(0.0001)), planDayText(SATURDAY, clock(100))].map(
      (answer) => (answer.ok ? answer.value : expect.fail(answer.message)),
    );
    expect(slow.plan).toEqual(quick.plan);
    expect([quick.searched, quick.not_tried]).toEqual([1, null]);
    expect(stuck.searched).toBeLessThan(1);
    expect(stuck.not_tried).toMatch(/^The machine was busy: \d+ in 100 of the orders/);
  });
  it('names what is too long or too slow where no hands are asked for', () => {
    const why = (change: (day: Loose) => void): string => {
      const answer = planDayText(changed(change), clock());
      return answer.ok ? '' : answer.message;
    };
    const one = { id: 'b', due: 900, steps: [{ id: 'cool', dur: 300 }] as Array<Record<string, unknown>> };
    expect(why((day) => void Object.assign(day, { t1: 700, batches: [one] }))).toBe(
      '"cool" takes 300 min, but the day ends 220 min after it begins. Give the day a later end (t1).',
    );
    const hot = { ...one, steps: [{ id: 'bake', dur: 60, modes: [{ res: 'big oven', T: 300, q: 1 }] }] };
    expect(why((day) => void Object.assign(day, { t1: 550, batches: [hot] }))).toMatch(
      /^"bake" is not over before the day ends: /,
    );
  });
  it.each<[string, () => string, string, string]>([
    ['not JSON', () => '{', '', 'NOT_JSON'],
    ['an oven that is not there', () => changed((day) => void (day.machines = [])), 'batches[0].steps[2]', 'BAD_VALUE'],
    [
      'a step without a length',
      () => changed((day) => void delete day.batches[0].steps[0].dur),
      'batches[0].steps[0].dur',
      'MISSING_VALUE',
    ],
    ['a word that is not known', () => changed((day) => void (day.batches[0].deu = 3)), 'batches[0].deu', 'UNKNOWN_KEY'],
    [
      'a visit after the step',
      () => changed((day) => void (day.batches[0].steps[2].hands = [{ off: 200, len: 2 }])),
      'batches[0].steps[2].hands[0]',
      'OUT_OF_RANGE',
    ],
    [
      'a pinMode without a pin',
      () => changed((day) => void (day.batches[0].steps[2].pinMode = 0)),
      'batches[0].steps[2].pinMode',
      'BAD_VALUE',
    ],
    [
      'a pinMode that is not there',
      () => changed((day) => void Object.assign(day.batches[0].steps[2], { pin: 900, pinMode: 7 })),
      'batches[0].steps[2].pinMode',
      'OUT_OF_RANGE',
    ],
    [
      'two steps of one id',
      () => changed((day) => void (day.batches[0].steps[1].id = 'mix')),
      'batches[0].steps[1].id',
      'BAD_VALUE',
    ],
    [
      'an oven below freezing',
      () => changed((day) => void Object.assign(day.batches[0].steps[2], { modes: [{ res: 'big oven', T: -30, q: 1 }] })),
      'batches[0].steps[2].modes[0]',
      'OUT_OF_RANGE',
    ],
    ['hours that end before they begin', () => changed((day) => void (day.win = [[480, 400]])), 'win[0]', 'OUT_OF_RANGE'],
    ['nothing to do', () => changed((day) => void (day.batches = [])), 'batches', 'MISSING_VALUE'],
    ['a shift that is too short', () => changed((day) => void (day.win = [[480, 490]])), 'batches[0].steps[0]', 'OUT_OF_RANGE'],
    ['an end before the beginning', () => changed((day) => void (day.t1 = 10)), 't1', 'OUT_OF_RANGE'],
  ])('%s is told with its key', (_, text, path, code) =>
    expect(planDayText(text(), clock())).toMatchObject({ ok: false, path, code }),
  );
});
