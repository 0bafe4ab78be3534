import { describe, expect, it } from 'vitest';
import { Assumptions } from './defaults';
import type { Heat, HeatStep } from './document';
import { planHeat, type HeatPlan } from './heat-plan';
import { exposureOf } from './shape/exposure';
import { PLAIN, type ShapeYield } from './shape/yield';

/** 120 pieces of 8 g, 50 on a tray. */
const OUT: ShapeYield = {
  ...PLAIN,
  pieces: 120,
  piece_g: 8,
  trays: 3,
  perTray: 50,
  scrap_g: 0,
  sides_mm: [60, 30],
  area_mm2: 1500,
  body: { thickness_mm: 6, width_mm: 39, length_mm: 39, exposure: 0.5, heatExposure: 0.5 },
  uses: null,
  shaped: { kind: 'loose' },
};
const SHAPED = { method: 'drop', out: OUT } as const;
const HOLD: HeatStep = { do: 'hold', setpoint_c: 175, minutes: 20 };

function plan(heat: Partial<Heat>, assumed = new Assumptions()): HeatPlan {
  const planned = planHeat({ steps: [HOLD], ...heat }, undefined, SHAPED, assumed);
  if (!planned.ok) throw new Error(planned.message);
  return planned.value;
}

describe('a programme becomes stages', () => {
  it('the thermostat offset moves the air, not the dial', () => {
    const { stages, preheated_c } = plan({ appliance: { thermostat_offset_c: -8 } });
    expect(stages[0].set).toBe(167);
    expect(preheated_c).toBe(167);
  });
  it('a slow appliance gets less of its clock, the rack all of it', () => {
    const { stages, minutes, stageMinutes } = plan({ appliance: { pace: 0.8 }, steps: [HOLD, { do: 'cool', minutes: 30 }] });
    expect(stages.map(({ duration_s }) => duration_s)).toEqual([960, 1800]);
    expect(stageMinutes).toEqual([20, 30]);
    expect(minutes).toBe(50);
  });
  it('only the first hold is preheated unless it is said', () => {
    const { stages } = plan({ steps: [HOLD, { ...HOLD, setpoint_c: 110 }] });
    expect(stages.map(({ preheated }) => preheated)).toEqual([true, false]);
  });
  it('events ride on the next stage, and on one of no length at the end', () => {
    const { stages } = plan({
      steps: [HOLD, { do: 'turn' }, { do: 'off', minutes: 30, door: 'ajar' }, { do: 'brush', grams: 36 }],
    });
    expect(stages[1]).toMatchObject({ set: 'off', door: 'ajar', events: [{ do: 'turn' }] });
    expect(stages[2]).toMatchObject({ duration_s: 0, events: [{ do: 'brush' }] });
    // 36 g over 120 pieces of 1500 mm2 are 200 g/m2.
    expect(stages[2].events[0]).toMatchObject({ water_kg_per_m2: expect.closeTo(0.2, 9) as number });
  });
  it('snapping apart takes the pieces that the shape gives, unless others are named', () => {
    const event = (step: HeatStep): unknown => plan({ steps: [HOLD, step, HOLD] }).stages[1].events[0];
    expect(event({ do: 'snap-apart' })).toMatchObject({ width_m: 0.03, length_m: 0.06 });
    expect(event({ do: 'snap-apart', width_mm: 10, length_mm: 20 })).toMatchObject({ width_m: 0.01, length_m: 0.02 });
  });
  it('cooling happens on a rack in the room', () => {
    const { stages } = plan({ steps: [HOLD, { do: 'cool', minutes: 10 }] });
    expect(stages[1]).toMatchObject({ set: 'room', support: { tray: null } });
  });
});

describe('the load', () => {
  it('is what fits in at once, and the rest waits for the next', () => {
    const assumed = new Assumptions();
    expect(plan({ appliance: { kind: 'static-oven' } }, assumed)).toMatchObject({ load_g: 800, loads: 2 });
    expect(assumed.list).toContain('heat.appliance.load_g = 800');
    expect(plan({ appliance: { kind: 'small-oven' } })).toMatchObject({ load_g: 400, loads: 3 });
    expect(plan({ appliance: { kind: 'dehydrator' } })).toMatchObject({ load_g: 960, loads: 1 });
  });
  it('is no more than there are mats for, and small pans stand two on a shelf', () => {
    const loads = (out: Partial<ShapeYield>): number => {
      const planned = planHeat({ steps: [HOLD] }, undefined, { method: 'mat', out: { ...OUT, ...out } }, new Assumptions());
      return planned.ok ? planned.value.loads : NaN;
    };
    expect(loads({ traysOwned: 1 })).toBe(3);
    expect(loads({ trays: 4, perShelf: 2 })).toBe(1);
  });
  it('a ball breathes from below, wherever it stands', () => {
    const body = { ...OUT.body, leastBreathing: 0.5 };
    const planned = planHeat({ steps: [HOLD] }, undefined, { method: 'ball', out: { ...OUT, body } }, new Assumptions());
    expect(planned).toMatchObject({ value: { stages: [{ support: { breathing: 0.5 } }] } });
  });
  it('can be named', () => expect(plan({ appliance: { load_g: 240 } })).toMatchObject({ load_g: 240, loads: 4 }));
  it('two trays in still air shade each other', () => {
    const top = (load_g: number): number =>
      plan({ appliance: { kind: 'static-oven', load_g } }).chamber?.convectionTop_W_per_m2_K ?? NaN;
    expect(top(800)).toBeCloseTo(0.8 * top(300), 9);
  });
  it('a dehydrator stands on mesh unless it is said', () => {
    expect(plan({ appliance: { kind: 'dehydrator' } }).stages[0].support.breathing).toBe(0.75);
    expect(plan({ appliance: { kind: 'dehydrator' }, base: 'paper-on-tray' }).stages[0].support.breathing).toBe(0.15);
  });
});

describe('how open the sides are', () => {
  it('grows with the gap and stays a share', () => {
    const gaps = [0, 1, 2, 5, 10, 20, 25, 60];
    const shares = gaps.map(exposureOf);
    expect(shares[0]).toBe(0.35);
    expect(shares.at(-1)).toBe(1);
    for (let i = 1; i < shares.length; i++) expect(shares[i]).toBeGreaterThanOrEqual(shares[i - 1]);
  });
});

describe('the freezer', () => {
  const refused = (heat: Heat): unknown => planHeat(heat, undefined, SHAPED, new Assumptions());
  it('only freezes, and nothing else does', () => {
    expect(refused({ appliance: { kind: 'freezer' }, steps: [HOLD] })).toMatchObject({
      code: 'BAD_VALUE',
      path: 'heat.steps[0].do',
    });
    expect(refused({ steps: [HOLD, { do: 'freeze', minutes: 60 }] })).toMatchObject({
      code: 'BAD_VALUE',
      path: 'heat.steps[1].do',
    });
  });
  it('has the air of a household one unless it is said', () => {
    const air = (freezer_c?: number) =>
      plan({ appliance: { kind: 'freezer' }, steps: [{ do: 'freeze', minutes: 60, ...(freezer_c ? { freezer_c } : {}) }] })
        .freezer_c;
    expect(air()).toBe(-18);
    expect(air(-24)).toBe(-24);
  });
});

describe('what cannot be simulated', () => {
  it.each(['freeze-dryer', 'contact-grill', 'air-fryer'] as const)('%s is refused, never guessed', (kind) => {
    expect(planHeat({ appliance: { kind }, steps: [HOLD] }, undefined, SHAPED, new Assumptions())).toMatchObject({
      ok: false,
      code: 'NOT_BUILT_YET',
    });
  });
});
