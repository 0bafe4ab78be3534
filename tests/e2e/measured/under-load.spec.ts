/** While work that takes long is asked for, everybody else is answered: the event loop only routes. */
import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as Record<string, unknown>;
const hold = { do: 'hold', setpoint_c: 60, minutes: 2880 };
const sheet = { sheet_width_mm: 1500, sheet_length_mm: 2500, thickness_mm: 5 };
const rolled = (cutter: object, layout = 'hand'): object => ({ method: 'roll-and-cut', ...sheet, layout, cutter });
/** An outline of two hundred corners: a flower of seven leaves. */
const corners = Array.from({ length: 200 }, (_, i) => {
  const [angle, radius] = [(2 * Math.PI * i) / 200, 10 + 2 * Math.sin((14 * Math.PI * i) / 200)];
  return `${(radius * Math.cos(angle)).toFixed(3)} ${(radius * Math.sin(angle)).toFixed(3)}`;
});
const target = { snap_min: 6 };
const heavy = [
  {
    ...HILLBARS,
    target,
    heat: { steps: Array.from({ length: 20 }, () => [hold, { do: 'turn' }, { do: 'brush', grams: 10 }]).flat() },
  },
  { ...HILLBARS, target, heat: { steps: Array.from({ length: 60 }, () => hold) }, shape: { method: 'cake' } },
  {
    ...HILLBARS,
    target,
    scale: { by: 'dough_mass', dough_g: 200_000 },
    shape: rolled({ outline: 'bone', length_mm: 8, width_mm: 5 }),
  },
  {
    ...HILLBARS,
    target,
    scale: { by: 'dough_mass', dough_g: 100_000 },
    shape: rolled({ svg_path: `M${corners.join('L')}Z`, length_mm: 20 }, 'tightest'),
  },
  // Within every bound, and still the longest that is taken on.
  { ...HILLBARS, target, heat: { steps: [hold, { ...hold, minutes: 2800 }] } },
];

type Timed = { status: number; ms: number };

/** What a stall of the machine itself may spoil; a busy event loop spoils every one. */
const ROUNDS = 8;

test('health answers within a tenth of a second while heavy work is answered or refused within fifteen', async ({ baseURL }) => {
  test.setTimeout(ROUNDS * 40_000);
  const timed = async (door: string, init?: RequestInit): Promise<Timed> => {
    const began = performance.now();
    const response = await fetch(`${baseURL}/api/${door}`, init);
    await response.text();
    return { status: response.status, ms: performance.now() - began };
  };
  const post = (door: string, body: object): Promise<Timed> => timed(door, { method: 'POST', body: JSON.stringify(body) });
  const health = async (): Promise<number> => {
    const { status, ms } = await timed('health');
    expect(status).toBe(200);
    return ms;
  };
  /** One round of everything heavy at once. */
  const slowestOfAHundred = async (): Promise<number> => {
    let open = true;
    const answered = Promise.all(heavy.flatMap((body) => [post('predict', body), post('find-programme', body)])).finally(
      () => (open = false),
    );
    const times: number[] = [];
    while (open && times.length < 2000) {
      times.push(await health());
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    for (const { status, ms } of await answered) {
      expect([200, 422, 503]).toContain(status);
      expect(ms).toBeLessThan(15_000);
    }
    expect(times.length).toBeGreaterThan(50);
    times.sort((a, b) => a - b);
    return times[Math.floor(0.99 * (times.length - 1))];
  };
  await health();
  await post('predict', HILLBARS);
  const rounds: number[] = [];
  while (rounds.length < ROUNDS && !rounds.some((ms) => ms < 100)) rounds.push(await slowestOfAHundred());
  expect(Math.min(...rounds)).toBeLessThan(100);
});
