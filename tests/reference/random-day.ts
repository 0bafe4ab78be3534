import type { Attention, Day, DayBatch, Mode, Step } from '@/core/bakeday';
import { seededRandom } from '@/core/quantities';
import { dayOf, oven } from './bakeday-cases';

/** A day of a few batches of many kinds: nights, noise, pins, a fridge of few places, one to three ovens, a freeze dryer. */
export function randomDay(seed: number): Day {
  const random = seededRandom(seed);
  const int = (low: number, high: number): number => low + Math.floor(random() * (high - low + 1));
  const chance = (share: number): boolean => random() < share;
  const ovens = int(1, 3);
  const machines = [
    ...Array.from({ length: ovens }, (_, i) => oven({ id: `oven${i + 1}` })),
    { ...oven(), id: 'dehy1', kind: 'dehy' as const, slots: 6, tol: 3, heat: 5, cool: 5 },
    { ...oven(), id: 'fd1', kind: 'fd' as const, slots: 40, turn: 90 },
  ];
  const inOvens = (T: number, q: number): Mode[] => Array.from({ length: ovens }, (_, i) => ({ res: `oven${i + 1}`, T, q }));
  let count = 0;
  const step = (name: string, dur: number, more: Partial<Step> = {}): Step => ({ id: `s${count++}`, name, dur, ...more });
  const hands = (dur: number, more: Partial<Attention> = {}): Partial<Step> => ({ hands: [{ off: 0, len: dur, n: 1, ...more }] });
  const batches = Array.from({ length: int(1, 5) }, (_, b): DayBatch => {
    const [mix, roll, bake] = [int(10, 30), int(15, 45), int(15, 60)];
    const loads: Attention[] = [
      { off: 0, len: 2, n: 1 },
      ...(chance(0.6) ? [{ off: 'mid' as const, len: 3, n: 1 as const, flex: int(1, 5) }] : []),
      // Two or three visits called for at the same minute.
      ...(chance(0.3) ? [{ off: 8, len: 3, n: 1 as const, flex: 7 }] : []),
      ...(chance(0.3) ? [{ off: 8, len: 2, n: 1 as const, flex: 7 }] : []),
      { off: 0, end: true, len: 2, n: 1 },
    ];
    const steps: Step[] = [step('mix', mix, { ...hands(mix, { noisy: chance(0.5) }), maxWait: int(30, 90) })];
    if (chance(0.5)) steps.push(step('chill', int(30, 90), { store: { id: 'fridge', q: 1 }, maxWait: 600 }));
    steps.push(step('roll', roll, { ...hands(roll, chance(0.5) ? { interruptible: true, maxPause: 8 } : {}), maxWait: 45 }));
    const kind = random();
    if (kind < 0.25) {
      steps.push(step('bake', bake, { modes: inOvens(150, 1), hands: [loads[0]], maxWait: 0 }));
      steps.push(
        step('oven off', 120, {
          modes: inOvens(150, 2).map((mode) => ({ ...mode, Tout: 50 })),
          sameRes: true,
          excl: true,
          hands: [{ off: 120, len: 2, n: 1, extend: 660 }],
        }),
      );
    } else if (kind < 0.4) {
      steps.push(
        step('freeze dry', 600, {
          modes: [{ res: 'fd1', T: 40, q: int(5, 20) }],
          hands: [{ off: 600, len: 2, n: 1, extend: 720 }],
        }),
      );
    } else {
      steps.push(
        step('bake', bake, {
          modes: inOvens(int(14, 19) * 10, int(1, 2)),
          hands: loads,
          ...(chance(0.4) ? { maxWait: 60 } : {}),
        }),
      );
      if (chance(0.5))
        steps.push(
          step('dry', 240, {
            modes: [...inOvens(90, 1).map((mode) => ({ ...mode, dur: 180 })), { res: 'dehy1', T: 70, q: 2 }],
            hands: [loads[0]],
          }),
        );
    }
    steps.push(step('cool', 30), step('pack', 10, hands(10)));
    if (chance(0.2)) {
      const at = int(0, steps.length - 1);
      if (!steps[at].sameRes) steps[at] = { ...steps[at], pin: int(480, 1200) };
    }
    return { id: `b${b}`, due: int(700, 2000), steps, ...(chance(0.3) ? { release: int(480, 700) } : {}) };
  });
  return dayOf(batches, {
    machines,
    handsCap: int(1, 2),
    quiet: [
      [0, 480],
      [1260, 1920],
    ],
    stores: [{ id: 'fridge', cap: int(1, 3) }],
  });
}
