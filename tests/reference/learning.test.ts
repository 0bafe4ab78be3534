/** Learning an appliance from weighed trays: the worked example, and honesty on simulated kitchens whose truth differs. */
import { describe, expect, it } from 'vitest';
import {
  NOTHING_KNOWN,
  fitAppliance,
  forecastEnd,
  forecastRunning,
  honest,
  learnFrom,
  outlook,
  NOTHING_LEARNED,
  minutesTo,
  missOf,
  noiseOf,
  type Miss,
  type Past,
  type TrayModel,
} from '@/core/learning';
import { normals, seededRandom } from '@/core/quantities';

/** A stand-in for the simulator: water leaves at a rate that rises with heat. */
const drying =
  (set_c: number, floor = 0.03, exponent = 1, perKelvin = 1.018): TrayModel =>
  (minutes, logPace, offset_K) => {
    const lived = minutes * Math.exp(logPace);
    return (
      1 - (0.42 - (floor + (0.42 - floor) * Math.exp(-((0.006 * perKelvin ** (set_c + offset_K - 80) * lived) ** exponent))))
    );
  };

const BATCHES: Past[] = [
  {
    model: drying(80),
    weighed: [
      { minutes: 60, share: 0.913 },
      { minutes: 150, share: 0.822 },
    ],
  },
  {
    model: drying(100),
    weighed: [
      { minutes: 60, share: 0.879 },
      { minutes: 120, share: 0.796 },
    ],
  },
  { model: drying(80), weighed: [{ minutes: 120, share: 0.848 }] },
];
const near = (value: number, wanted: number, share: number): void => expect(Math.abs(value / wanted - 1)).toBeLessThan(share);

describe('the worked example', () => {
  it.each([
    [0, 1, 0.35, 0, 10, [202, 350, 615]],
    [1, 0.76, 0.185, -4, 9, [383, 492, 607]],
    [2, 0.765, 0.173, -3.9, 9, [385, 485, 588]],
    [3, 0.758, 0.169, -4, 8.9, [393, 490, 591]],
  ])('after %d batches pace is %d', (count, pace, paceSd, offset, offsetSd, [low, mid, high]) => {
    const belief = fitAppliance(BATCHES.slice(0, count));
    expect(Math.abs(Math.exp(belief.logPace) - pace)).toBeLessThan(0.005);
    expect(Math.abs(Math.sqrt(belief.covariance[0][0]) - paceSd)).toBeLessThan(0.005);
    expect(Math.abs(belief.offset_K - offset)).toBeLessThan(0.2);
    expect(Math.abs(Math.sqrt(belief.covariance[1][1]) - offsetSd)).toBeLessThan(0.2);
    const end = forecastEnd(drying(80), 0.66, belief);
    // Four hundred draws: their own scatter comes on top.
    near(end.low, low, 0.08);
    near(end.mid, mid, 0.05);
    near(end.high, high, 0.08);
  });
  it('a tray weighed on the way narrows the end', () => {
    const belief = fitAppliance(BATCHES);
    const [none, one, two] = [
      [],
      [{ minutes: 90, share: 0.86 }],
      [
        { minutes: 90, share: 0.86 },
        { minutes: 180, share: 0.755 },
      ],
    ].map((weighed) => forecastRunning({ model: drying(80), weighed }, 0.66, belief));
    for (const [end, wanted] of [
      [none, [373, 485, 631]],
      [one, [395, 420, 450]],
      [two, [376, 392, 408]],
    ] as const) {
      near(end.low, wanted[0], 0.02);
      near(end.mid, wanted[1], 0.02);
      near(end.high, wanted[2], 0.02);
    }
  });
});

describe('what weights cannot tell', () => {
  it('a slow oven from a cool one; a thermometer can', () => {
    const blind = fitAppliance(BATCHES);
    const seeing = fitAppliance(BATCHES, 0.006, -12);
    expect(Math.sqrt(blind.covariance[1][1])).toBeGreaterThan(8);
    expect(Math.sqrt(seeing.covariance[1][1])).toBeLessThan(3.1);
    expect(seeing.offset_K).toBeLessThan(-8);
    expect(seeing.logPace).toBeGreaterThan(blind.logPace);
  });
  it('one reading that is nonsense hardly moves the rest', () => {
    const [first, ...others] = BATCHES;
    // A tray read with the bowl still on it: 0.05 is eight deviations.
    const odd = [{ ...first, weighed: [...first.weighed, { minutes: 100, share: 0.92 }] }, ...others];
    const moved = fitAppliance(odd).logPace - fitAppliance(BATCHES).logPace;
    expect(moved).toBeLessThan(0);
    expect(moved).toBeGreaterThan(-0.12);
  });
  it('knows nothing without a reading, and a coarse scale is less trusted', () => {
    expect(fitAppliance([])).toEqual(NOTHING_KNOWN);
    expect(noiseOf(5, 200)).toBe(0.025);
    expect(noiseOf(1, 1000)).toBe(0.006);
    const coarse = fitAppliance(BATCHES.slice(0, 1), 0.025);
    expect(coarse.covariance[0][0]).toBeGreaterThan(fitAppliance(BATCHES.slice(0, 1)).covariance[0][0]);
  });
  it('says so when a target is never reached', () => expect(minutesTo(drying(80), 0.5, 0, 0)).toBe(Infinity));
});

/** Share of forecasts that held, over simulated kitchens with so many batches behind them. */
function coverage(
  truth: (set_c: number) => TrayModel,
  past: number,
  moment: 'start' | 'half-way',
  layered: boolean,
  seed: number,
): number {
  const random = normals(seededRandom(seed));
  const TARGET = 0.68;
  let inside = 0;
  const KITCHENS = 60;
  for (let kitchen = 0; kitchen < KITCHENS; kitchen++) {
    const [logPace, offset] = [0.35 * random(), 6 * random()];
    const done: Past[] = [];
    const misses: Miss[] = [];
    for (let n = 0; n <= past; n++) {
      const set_c = n % 2 === 0 ? 80 : 90;
      const lives = logPace + 0.12 * random();
      const real = (minutes: number): number => truth(set_c)(minutes, lives, offset) + 0.004 * random();
      const end = minutesTo(truth(set_c), TARGET, lives, offset);
      const now = moment === 'start' ? 0 : 0.4 * end;
      const belief = fitAppliance(done);
      const weighed = moment === 'start' ? [] : [{ minutes: now, share: real(now) }];
      const model = drying(set_c);
      const plain = moment === 'start' ? forecastEnd(model, TARGET, belief) : forecastRunning({ model, weighed }, TARGET, belief);
      if (n === past) {
        const shown = layered ? honest(now, plain, misses, moment) : plain;
        if (end >= shown.low && end <= shown.high) inside++;
      }
      misses.push(missOf(now, plain, { really: end }));
      done.push({ model, weighed: [...weighed, { minutes: end, share: TARGET }] });
    }
  }
  return inside / KITCHENS;
}

describe('honesty on simulated kitchens', () => {
  const SAME = (set_c: number): TrayModel => drying(set_c);
  const OTHER = (set_c: number): TrayModel => drying(set_c, 0.05, 0.9, 1.024);
  it.each([1, 3])('a true model with %d batches behind it holds about four of five', (past) => {
    expect(coverage(SAME, past, 'start', true, 11)).toBeGreaterThan(0.7);
    expect(coverage(SAME, past, 'half-way', true, 12)).toBeGreaterThan(0.75);
  });
  it.each([
    [1, 0.62],
    [3, 0.72],
  ])('a truth of another shape with %d batches behind it still holds, where the naive interval fails', (past, least) => {
    expect(coverage(OTHER, past, 'start', true, 13)).toBeGreaterThan(least);
    expect(coverage(OTHER, past, 'half-way', true, 14)).toBeGreaterThan(0.75);
    expect(coverage(OTHER, past, 'half-way', false, 14)).toBeLessThan(0.5);
  });
  it('widens by itself when its forecasts keep missing', () => {
    const end = { low: 300, mid: 400, high: 520 };
    const [usual, wide] = [
      honest(0, end, [], 'start', { tally: { of: 9, inside: 7 } }),
      honest(0, end, [], 'start', { tally: { of: 9, inside: 3 } }),
    ];
    expect(wide.high - wide.low).toBeGreaterThan(usual.high - usual.low);
  });
});

describe('an appliance’s batches lived through again', () => {
  const slow = -0.25;
  const finished = (set_c: number) => ({
    model: drying(set_c),
    target: 0.7,
    weighed: [100, 220].map((minutes) => ({ minutes, share: drying(set_c)(minutes, slow, 0) })),
  });
  const learned = learnFrom([80, 90, 80].map(finished));
  it('finds a slow one, and judges each forecast only by the batches before it', () => {
    expect(learned.belief.batches).toBe(3);
    expect(learned.belief.logPace).toBeLessThan(-0.15);
    expect(learned.tally.of).toBe(3);
    expect(learned.misses.start).toHaveLength(3);
    // The first took longer than was said; once that is learned the next are told rightly.
    expect(learned.misses.start[0].off).toBeGreaterThan(0.15);
    expect(Math.abs(learned.misses.start[2].off)).toBeLessThan(0.08);
  });
  it('moves the end of a batch under way by its tray, and narrows it', () => {
    const before = outlook({ model: drying(80), target: 0.7, weighed: [] }, 0, learned);
    const after = outlook({ model: drying(80), target: 0.7, weighed: [{ minutes: 100, share: 0.9 }] }, 100, learned);
    expect(before.tell).toBe('band-and-time');
    expect(after.end?.mid).toBeGreaterThan(before.end?.mid ?? Infinity);
    expect(after.end?.low).toBeGreaterThan(100);
  });
  it('tells no single time on the first bake, no end from its half-way tray, and nothing that is never reached', () => {
    const first = { model: drying(80), target: 0.7, weighed: [] };
    expect(outlook(first, 0, NOTHING_LEARNED).tell).toBe('wide-band');
    expect(outlook({ ...first, weighed: [{ minutes: 90, share: 0.86 }] }, 90, NOTHING_LEARNED).tell).toBe('weigh-again');
    expect(outlook({ ...first, target: 0.5 }, 0, learned).end).toBeNull();
  });
  it('tells no latest time when some such ovens never get there', () => {
    // Four points above the floor that the dryest reach: a cool one stays above it.
    const flat = (minutes: number, logPace: number, offset_K: number): number =>
      1 - (0.34 + 0.002 * offset_K) * (1 - Math.exp((-minutes * Math.exp(logPace)) / 60));
    const { end } = outlook({ model: flat, target: 0.68, weighed: [] }, 0, learned);
    expect(end?.high).toBe(Infinity);
    expect(end?.mid).toBeGreaterThan(100);
  });
  it('says of a tray that is dry already that it is', () => {
    const { end } = outlook({ model: drying(80), target: 0.7, weighed: [{ minutes: 260, share: 0.66 }] }, 261, learned);
    expect(end?.mid).toBeLessThanOrEqual(261);
  });
});
