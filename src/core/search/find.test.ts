/** Programmes that are found must do what was asked, exactly as every door then predicts them. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { predict } from '../prediction';
import type { Appliance } from '../catalogue';
import type { BatchDocument, Target } from '../document';
import { findProgrammes } from './find';
import type { Candidate, FoundProgrammes } from './found';

const KITCHEN = { pantry: PANTRY, prices: { currency: 'GBP', prices: new Map(), energy_per_kwh: 0.25 } };
const read = (file: string): BatchDocument => JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
const HILLBARS = read('examples/hillbars.batch.json');
const DRIER: Appliance = { kind: 'dehydrator', thermostat_offset_c: 0 };

function find(target: Target, document = HILLBARS): FoundProgrammes {
  const found = findProgrammes({ ...document, target }, KITCHEN);
  if (!found.ok) throw new Error(found.message);
  return found.value;
}
const exactly = (candidate: Candidate, document = HILLBARS) => {
  const worked = predict({ ...document, heat: candidate.heat }, KITCHEN);
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.prediction;
};
const setpoints = ({ heat }: Candidate): number[] =>
  heat.steps.flatMap((step) => ('setpoint_c' in step ? [step.setpoint_c] : []));

describe('crisp and keeping', () => {
  const target = { snap_min: 7, keeps_days_min: 42, also: [DRIER] };
  const { candidates, tried } = find(target);
  // When one ends does not hang on how sure each is.
  const fastest = find({ ...target, sure_pct: 1 }).candidates;
  it('finds up to four programmes of different strategies, the fastest first', () => {
    expect(candidates.length).toBeGreaterThanOrEqual(3);
    expect(candidates.length).toBeLessThanOrEqual(4);
    expect(new Set(candidates.map(({ strategy }) => strategy)).size).toBe(candidates.length);
    const minutes = candidates.map((candidate) => candidate.minutes);
    expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
    expect(tried).toBeGreaterThan(50);
  });
  it('shows of each what every door says of it, and that meets the target', () => {
    for (const candidate of candidates) {
      const { heat, outcome, keeps } = exactly(candidate);
      expect(candidate.prediction.outcome.snap).toBe(outcome.snap);
      expect(candidate.prediction.heat.timeline).toEqual(heat.timeline);
      expect(candidate).toMatchObject({ minutes: heat.minutes, energy_kwh: heat.energy_kwh });
      expect(candidate.energy_cost).toBeCloseTo(0.25 * heat.energy_kwh, 9);
      expect(outcome.snap).toBeGreaterThanOrEqual(7);
      expect(keeps[0].days).toBeGreaterThanOrEqual(42);
      expect(heat.browning).toBeLessThanOrEqual(0.35);
      expect(candidate.prediction.outcome.draws).toBeGreaterThanOrEqual(30);
      expect(candidate.chance).toBeGreaterThanOrEqual(0.8);
      expect(candidate.chance).toBeLessThanOrEqual(1);
    }
  });
  it('ends as soon as it may: a fifth shorter, and it misses', () => {
    for (const candidate of fastest) {
      const last = candidate.heat.steps.length - 1;
      const steps = candidate.heat.steps.map((step, i) =>
        i === last && 'minutes' in step ? { ...step, minutes: step.minutes - Math.max(2, 0.2 * candidate.minutes) } : step,
      );
      const shorter = steps[last];
      if (!('minutes' in shorter) || shorter.minutes < 1) continue;
      const { outcome, keeps } = exactly({ ...candidate, heat: { ...candidate.heat, steps } });
      expect(outcome.snap < 7 || keeps[0].days < 42, candidate.strategy).toBe(true);
    }
  });
});

describe('what is preferred', () => {
  const likely = { snap_min: 7, sure_pct: 1 };
  const [fastest] = find(likely).candidates;
  it.each([
    ['least-energy', (c: Candidate) => c.energy_kwh, 0.9],
    ['gentlest', (c: Candidate) => c.prediction.heat.browning, 0.5],
    ['least-attention', (c: Candidate) => c.visits, 1],
  ] as const)('%s: the first is better in it than the fastest, or as good where that is the best', (prefer, metric, share) => {
    const { candidates } = find({ ...likely, prefer });
    expect(metric(candidates[0])).toBeLessThanOrEqual(share * metric(fastest));
    expect(metric(candidates[0])).toBe(Math.min(...candidates.map(metric)));
  });
});

describe('sure, not only likely', () => {
  const target: Target = { snap_min: 7, keeps_days_min: 28, browning_max: 0.6 };
  const nominal = find({ ...target, sure_pct: 1 }).candidates;
  const sure = find(target);
  it('stays longer until eight of ten batches get there, without being asked', () => {
    expect(sure.candidates.length).toBeGreaterThan(0);
    for (const { strategy, chance, minutes } of sure.candidates) {
      expect(chance).toBeGreaterThanOrEqual(0.8);
      const before = nominal.find((candidate) => candidate.strategy === strategy);
      if (before && (before.chance ?? 0) < 0.8) expect(minutes).toBeGreaterThan(before.minutes);
    }
    expect(nominal.some(({ chance }) => (chance ?? 0) < 0.8)).toBe(true);
    const minutes = sure.candidates.map((candidate) => candidate.minutes);
    expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
  });
  it('says which would get there too seldom, and what they come to', () => {
    const tight = find({ ...target, browning_max: 0.2, sure_pct: 95 });
    const seldom = tight.failed.filter(({ why }) => why === 'not-sure');
    expect(seldom.length).toBeGreaterThan(0);
    for (const { nearest } of seldom) expect(nearest?.snap).toBeGreaterThanOrEqual(7);
    for (const { chance } of tight.candidates) expect(chance).toBeGreaterThanOrEqual(0.95);
  });
});

describe('limits', () => {
  // What stays longer until it is sure may break a limit, so one is asked for like that; for the others, what is likely will do.
  const wish = { snap_min: 6, also: [DRIER] };
  const likely = { snap_min: 6, sure_pct: 1 };
  it('the oven is free again in time, and the end is not too late', () => {
    const free = find({ ...wish, oven_within_minutes: 50, sure_pct: 1 }).candidates;
    const early = find({ ...wish, finish_within_minutes: 70 }).candidates;
    expect(free.length * early.length).toBeGreaterThan(0);
    for (const candidate of free) expect(candidate.oven_minutes).toBeLessThanOrEqual(50);
    for (const candidate of early) expect(candidate.minutes).toBeLessThanOrEqual(70);
  });
  it('the dial holds what is asked of it', () => {
    const { candidates } = find({ ...likely, setpoint_min_c: 120, setpoint_max_c: 165 });
    expect(candidates.length).toBeGreaterThan(0);
    for (const candidate of candidates)
      for (const setpoint_c of setpoints(candidate)) {
        expect(setpoint_c).toBeGreaterThanOrEqual(120);
        expect(setpoint_c).toBeLessThanOrEqual(165);
      }
  });
  it('a gas oven is asked for nothing below its lowest mark', () => {
    const gas = { ...HILLBARS, heat: { ...HILLBARS.heat, appliance: { kind: 'gas-oven' as const } } };
    const { candidates } = find(likely, gas);
    expect(candidates.length).toBeGreaterThan(0);
    for (const candidate of candidates)
      if (candidate.strategy !== 'as-written')
        for (const setpoint_c of setpoints(candidate)) expect(setpoint_c).toBeGreaterThanOrEqual(110);
  });
  it('nobody is asked to come at night; what stands in a dead oven waits', () => {
    const { candidates } = find({ snap_min: 4, sure_pct: 50, asleep: { from_minutes: 50, to_minutes: 560 } });
    expect(candidates.length).toBeGreaterThan(0);
    for (const { heat } of candidates) {
      let clock = 0;
      for (const step of heat.steps) {
        clock += 'minutes' in step ? step.minutes : 0;
        expect(clock <= 50 || clock >= 560).toBe(true);
      }
    }
  });
});

describe('what cannot be met', () => {
  const found = find({ snap_min: 9.5, browning_max: 0.04, finish_within_minutes: 50 });
  it('names what stands in the way of each strategy, and what comes nearest', () => {
    expect(found.candidates).toEqual([]);
    expect(found.failed.map(({ strategy }) => strategy)).toEqual(
      expect.arrayContaining(['one-bake', 'hot-then-low', 'oven-off', 'low-and-long', 'dryer-second']),
    );
    const why = Object.fromEntries(found.failed.map((failed) => [failed.strategy, failed.why]));
    expect(why).toMatchObject({ 'one-bake': 'too-dark', 'dryer-second': 'no-dryer' });
    expect(found.nearest?.prediction.outcome.draws).toBeGreaterThan(0);
    for (const { why: reason, nearest } of found.failed)
      if (reason !== 'no-dryer' && reason !== 'no-setpoint') expect(nearest?.minutes).toBeGreaterThan(0);
  });
  // 2026-11-29: the row that comes nearest said Snap 6.1 and 48 days, and the strategy below it, with the same programme, 6.4 and 109.
  it('every row is judged as the batch itself would be, so that two rows of one programme agree', () => {
    for (const { strategy, nearest } of [...found.failed, ...find({ snap_min: 8, keeps_days_min: 300 }).failed]) {
      if (!nearest) continue;
      const worked = predict({ ...HILLBARS, heat: nearest.heat }, KITCHEN);
      if (!worked.ok) throw new Error(worked.message);
      const { outcome, keeps, heat } = worked.value.prediction;
      expect(nearest.snap, strategy).toBeCloseTo(outcome.snap, 9);
      expect(nearest.days, strategy).toBeCloseTo(keeps[0].days, 9);
      expect(nearest.browning, strategy).toBeCloseTo(heat.browning, 9);
      expect(nearest.minutes, strategy).toBeCloseTo(heat.minutes, 9);
    }
  });
  it.each([
    ['nothing wanted', {}, 'target'],
    ['at least more than at most', { snap_min: 8, snap_max: 3 }, 'target.snap_min'],
  ] as const)('%s is refused', (_, target, path) =>
    expect(findProgrammes({ ...HILLBARS, target }, KITCHEN)).toMatchObject({ ok: false, code: 'BAD_VALUE', path }),
  );
  it('a batch that cannot be predicted says why', () => {
    const bad = { ...HILLBARS, recipe: { ingredients: [{ ingredient: 'gravel', amount: 1, unit: 'g' as const }] } };
    expect(findProgrammes({ ...bad, target: { snap_min: 5 } }, KITCHEN)).toMatchObject({ ok: false, code: 'UNKNOWN_INGREDIENT' });
  });
});

describe('other treats', () => {
  it('moist on purpose: as long as it must, and not until it snaps', () => {
    const buttons = read('data/recipes/cottage-parsley-buttons.batch.json');
    const { candidates } = find({ snap_max: 3, keeps_days_min: 4 }, buttons);
    expect(candidates.length).toBeGreaterThan(0);
    for (const candidate of candidates) {
      const { outcome, heat } = exactly(candidate, buttons);
      expect(outcome.snap).toBeLessThanOrEqual(3);
      expect(heat.core_c_max).toBeGreaterThanOrEqual(90);
    }
  });
  it('moist in the room: the fridge is considered, and told beside', () => {
    const buttons = read('data/recipes/cottage-parsley-buttons.batch.json');
    const inRoom: BatchDocument = { ...buttons, pack: [{ option: 'zip-bag', store: 'room' }] };
    const { candidates } = find({ snap_max: 3, keeps_days_min: 4 }, inRoom);
    expect(candidates.length).toBeGreaterThan(0);
    for (const { chilled_days, prediction } of candidates) {
      expect(chilled_days).toBeGreaterThanOrEqual(4);
      expect(prediction.keeps[0].days).toBeLessThan(4);
    }
  });
  it('a muffin is done when a pick comes out clean', () => {
    const muffins = read('data/recipes/turkey-courgette-muffins.batch.json');
    const { candidates } = find({ pick_clean: true }, muffins);
    for (const candidate of candidates) {
      const { heat } = exactly(candidate, muffins);
      expect(heat.clean_minutes).toBeLessThanOrEqual(heat.minutes);
      expect(heat.core_c_max).toBeGreaterThanOrEqual(74);
    }
    expect(candidates.length).toBeGreaterThan(1);
  });
  it('fruit in a dehydrator: hours at what its heater holds', () => {
    const moons = read('data/recipes/pear-moons.batch.json');
    const { candidates } = find({ keeps_days_min: 30 }, moons);
    expect(candidates[0].minutes).toBeGreaterThan(150);
    for (const setpoint_c of setpoints(candidates[0])) expect(setpoint_c).toBeLessThanOrEqual(75);
  });
  it('raw meat is never dried from raw: a dehydrator alone is not hot enough', () => {
    const strips = read('data/recipes/lamb-liver-strips.batch.json');
    const alone = { ...strips, heat: { appliance: DRIER, steps: [{ do: 'hold' as const, setpoint_c: 68, minutes: 300 }] } };
    const found = find({ keeps_days_min: 21 }, alone);
    expect(found.candidates).toEqual([]);
    expect(new Set(found.failed.map(({ why }) => why))).toEqual(new Set(['not-hot-enough']));
  });
  it('a freeze dryer runs until the ice is gone', () => {
    const cubes = read('data/recipes/freeze-dried-salmon-cubes.batch.json');
    const { candidates } = find({ snap_min: 7, keeps_days_min: 90, finish_within_minutes: 2880, sure_pct: 50 }, cubes);
    const dried = candidates.find(({ heat }) => heat.steps.some((step) => step.do === 'freeze-dry'));
    expect(dried?.prediction.heat.reached.find(({ what }) => what === 'ice-gone')?.minute).toBeLessThan(dried?.minutes ?? 0);
  });
});
