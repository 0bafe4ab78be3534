import { describe, expect, it } from 'vitest';
import type { Chamber } from '../heat';
import { Assumptions } from '../fields';
import { type Heat } from '../document';
import { type HeatStep } from '../catalogue';
import { planHeat, type HeatPlan } from '../programme';
import { openSides, pouredGap, PLAIN, type ShapeYield } from '../yield';

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

function chamberOf({ surroundings }: HeatPlan): Chamber {
  if (surroundings.kind !== 'chamber') throw new Error(surroundings.kind);
  return surroundings.chamber;
}

describe('a programme becomes stages', () => {
  it('the thermostat offset moves the air, not the dial', () => {
    const { stages, applianceStages } = plan({ appliance: { thermostat_offset_c: -8 } });
    expect(stages[0].set).toBe(167);
    expect(applianceStages[0].preheated_c).toBe(167);
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
  it('a score frees nothing, and what is snapped later is what was scored', () => {
    const { stages } = plan({ steps: [HOLD, { do: 'score', width_mm: 12, length_mm: 24 }, HOLD, { do: 'snap-apart' }, HOLD] });
    expect(stages[1].events).toEqual([{ do: 'score', width_m: 0.012, length_m: 0.024 }]);
    expect(stages[2].events[0]).toMatchObject({ do: 'snap-apart', width_m: 0.012, length_m: 0.024 });
    expect(plan({ steps: [HOLD, { do: 'score' }] }).stages[1].events[0]).toMatchObject({ width_m: 0.03, length_m: 0.06 });
  });
  it('cooling happens on a rack in the room', () => {
    const { stages } = plan({ steps: [HOLD, { do: 'cool', minutes: 10 }] });
    expect(stages[1]).toMatchObject({ set: 'room', support: { tray: null } });
  });
});

describe('the load', () => {
  it('is what fits in at once, and the rest waits for the next', () => {
    const assumed = new Assumptions();
    expect(plan({ appliance: { kind: 'static-oven' } }, assumed).applianceStages[0]).toMatchObject({ load_g: 800, loads: 2 });
    expect(assumed.list).toContain('heat.appliance.load_g = 800');
    expect(plan({ appliance: { kind: 'small-oven' } }).applianceStages[0]).toMatchObject({ load_g: 400, loads: 3 });
    expect(plan({ appliance: { kind: 'dehydrator' } }).applianceStages[0]).toMatchObject({ load_g: 960, loads: 1 });
  });
  it('is no more than there are mats for, and small pans stand two on a shelf', () => {
    const loads = (out: Partial<ShapeYield>): number => {
      const planned = planHeat({ steps: [HOLD] }, undefined, { method: 'mat', out: { ...OUT, ...out } }, new Assumptions());
      return planned.ok ? planned.value.applianceStages[0].loads : NaN;
    };
    expect(loads({ traysOwned: 1 })).toBe(3);
    expect(loads({ trays: 4, perShelf: 2 })).toBe(1);
  });
  it('a ball breathes from below, wherever it stands', () => {
    const body = { ...OUT.body, leastBreathing: 0.5 };
    const planned = planHeat({ steps: [HOLD] }, undefined, { method: 'ball', out: { ...OUT, body } }, new Assumptions());
    expect(planned).toMatchObject({ value: { stages: [{ support: { breathing: 0.5 } }] } });
  });
  it('can be named', () =>
    expect(plan({ appliance: { load_g: 240 } }).applianceStages[0]).toMatchObject({ load_g: 240, loads: 4 }));
  it('two trays in still air shade each other', () => {
    const top = (load_g: number): number =>
      chamberOf(plan({ appliance: { kind: 'static-oven', load_g } })).convectionTop_W_per_m2_K;
    expect(top(800)).toBeCloseTo(0.8 * top(300), 9);
  });
  it('a dehydrator stands on mesh unless it is said', () => {
    expect(plan({ appliance: { kind: 'dehydrator' } }).stages[0].support.breathing).toBe(0.75);
    expect(plan({ appliance: { kind: 'dehydrator' }, base: 'paper-on-tray' }).stages[0].support.breathing).toBe(0.15);
  });
});

describe('how open the sides are', () => {
  it('grows with the gap from nothing where pieces touch, and stays a share', () => {
    const shares = [0, 1, 2, 5, 10, 20, 25, 60].map((gap_mm) => openSides(gap_mm, 8));
    expect(shares[0]).toBe(0);
    expect(shares.at(-1)).toBeGreaterThan(0.9);
    expect(shares.at(-1)).toBeLessThan(1);
    for (let i = 1; i < shares.length; i++) expect(shares[i]).toBeGreaterThan(shares[i - 1]);
  });
  it('is that of two walls as far apart as they are high: 2 - √2 (Hottel)', () =>
    expect(openSides(8, 8)).toBeCloseTo(2 - Math.SQRT2, 12));
});

describe('the freezer', () => {
  const refused = (heat: Heat): unknown => planHeat(heat, undefined, SHAPED, new Assumptions());
  it('only freezes, and what was frozen is not thawed again', () => {
    expect(refused({ appliance: { kind: 'freezer' }, steps: [HOLD] })).toMatchObject({
      code: 'BAD_VALUE',
      path: 'heat.steps[0].do',
    });
    expect(refused({ steps: [{ do: 'freeze', minutes: 60 }, HOLD] })).toMatchObject({
      code: 'BAD_VALUE',
      path: 'heat.steps[1].do',
    });
  });
  it('has the air of a household one unless it is said', () => {
    const air = (freezer_c?: number) => {
      const freeze = { do: 'freeze' as const, minutes: 60, ...(freezer_c ? { freezer_c } : {}) };
      const { surroundings } = plan({ appliance: { kind: 'freezer' }, steps: [freeze] });
      return surroundings.kind === 'freezer' && surroundings.air_c;
    };
    expect(air()).toBe(-18);
    expect(air(-24)).toBe(-24);
  });
  it('takes over what an oven has baked', () => {
    const { applianceStages, stages, endsFrozen } = plan({
      steps: [HOLD, { do: 'cool', minutes: 30 }, { do: 'freeze', minutes: 300 }],
    });
    expect(applianceStages.map(({ kind, minutes }) => [kind, minutes])).toEqual([
      ['static-oven', 50],
      ['freezer', 300],
    ]);
    expect(stages[2].into).toMatchObject({ kind: 'freezer', air_c: -18 });
    expect(endsFrozen).toBe(true);
  });
});

describe('moving on', () => {
  const DRIER = { kind: 'dehydrator', thermostat_offset_c: 2, pace: 0.5 } as const;
  const moved = plan({
    appliance: { kind: 'fan-oven', thermostat_offset_c: -5 },
    steps: [HOLD, { do: 'move', appliance: DRIER }, { do: 'hold', setpoint_c: 65, minutes: 240 }],
  });
  it('each appliance has its own dial, pace, load and base', () => {
    expect(moved.stages.map(({ set, duration_s }) => [set, duration_s])).toEqual([
      [170, 1200],
      [67, 7200],
    ]);
    expect(moved.applianceStages.map(({ kind, load_g, loads }) => [kind, load_g, loads])).toEqual([
      ['fan-oven', 960, 1],
      ['dehydrator', 960, 1],
    ]);
    expect(moved.stages[1].support.tray).toBeNull();
    expect(moved.stages[1].events).toEqual([{ do: 'new-tray' }]);
  });
  it('an oven was heated up, a drier warms with its load', () =>
    expect(moved.applianceStages.map(({ preheated_c }) => preheated_c)).toEqual([170, null]));
  it('another tray alone is no other appliance', () => {
    const { applianceStages, stages } = plan({ steps: [HOLD, { do: 'move', base: 'wire-rack' }, HOLD] });
    expect(applianceStages).toHaveLength(1);
    expect(stages[1].into).toBeUndefined();
    expect(stages[1].support.tray).toBeNull();
  });
  it.each([
    ['nowhere', [HOLD, { do: 'move' }, HOLD], 'heat.steps[1].do'],
    ['and then nothing', [HOLD, { do: 'move', appliance: DRIER }], 'heat.steps[1]'],
    ['to freeze-dry in an oven', [{ do: 'freeze-dry', minutes: 60 }], 'heat.steps[0].do'],
  ] as const)('%s is refused', (_, steps, path) =>
    expect(planHeat({ steps }, undefined, SHAPED, new Assumptions())).toMatchObject({ ok: false, code: 'BAD_VALUE', path }),
  );
});

describe('other steps', () => {
  it('a ramp goes evenly from where the dial stood', () => {
    const { stages } = plan({ steps: [HOLD, { do: 'ramp', setpoint_c: 110, minutes: 20, door: 'ajar' }] });
    expect(stages[1]).toMatchObject({ set: 110, ramp: true, door: 'ajar' });
  });
  it('a look lets the door stand open at the setpoint', () => {
    const { stages, minutes } = plan({ steps: [HOLD, { do: 'check', seconds: 30 }, HOLD] });
    expect(stages[1]).toMatchObject({ set: 175, door: 'open', duration_s: 30 });
    expect(minutes).toBe(40.5);
  });
  it('turned out, a piece lies on the rack with its sides free', () => {
    const { stages } = plan({ steps: [HOLD, { do: 'turn-out' }, HOLD] });
    expect(stages[1].events[0]).toMatchObject({ do: 'turn-out', exposure: openSides(Math.round(10 * pouredGap(39)) / 10, 6) });
    expect(stages[1].support.tray).toBeNull();
  });
  it('cools on its tray, in a humid night, or in the fridge', () => {
    const { stages } = plan({
      steps: [
        HOLD,
        { do: 'cool', minutes: 10, on: 'tray' },
        { do: 'cool', minutes: 600, room_rh_pct: 80 },
        { do: 'chill', minutes: 60 },
      ],
    });
    expect(stages[1]).toMatchObject({ set: 'room' });
    expect(stages[1].support.tray).not.toBeNull();
    expect(stages[2].set).toEqual({ air_c: 20, relativeHumidity: 0.8 });
    expect(stages[3].set).toMatchObject({ air_c: 4 });
  });
});

describe('a freeze dryer', () => {
  const machine = (more: object = {}) =>
    plan({
      appliance: { kind: 'freeze-dryer', shelves: 2, tray_g: 240, ...more },
      steps: [
        { do: 'freeze', minutes: 300, freezer_c: -28 },
        { do: 'freeze-dry', minutes: 900, shelf_c: 50, faces: 'both' },
      ],
    });
  it('takes what its trays take, in rounds, and thaws between them', () => {
    const { applianceStages, minutes, allLoadsMinutes } = machine();
    expect(applianceStages.map(({ load_g, loads }) => [load_g, loads])).toEqual([
      [480, 2],
      [480, 2],
    ]);
    expect(allLoadsMinutes).toBe(2 * minutes + 90);
    expect(machine({ defrost_minutes: 200 }).allLoadsMinutes).toBe(2 * minutes + 200);
  });
  it('works as its steps say', () =>
    expect(machine().stages[1].into).toMatchObject({ kind: 'freeze-dryer', shelf_c: 50, faces: 2, pressure_pa: 60 }));
  it('that is never asked to dry is refused', () =>
    expect(
      planHeat(
        { appliance: { kind: 'freeze-dryer' }, steps: [{ do: 'cool', minutes: 10 }] },
        undefined,
        SHAPED,
        new Assumptions(),
      ),
    ).toMatchObject({ ok: false, path: 'heat.steps' }));
});

describe('a grill', () => {
  it('presses: nothing else lies between its plates', () => {
    expect(plan({ appliance: { kind: 'contact-grill' } }).stages[0].support).toMatchObject({ tray: null, breathing: 1 });
    const heat = { appliance: { kind: 'contact-grill' }, base: 'mesh', steps: [HOLD] } as const;
    expect(planHeat(heat, undefined, SHAPED, new Assumptions())).toMatchObject({ ok: false, path: 'heat.base' });
  });
});

describe("what is known of one's own appliance", () => {
  const built = chamberOf(plan({ appliance: { kind: 'dehydrator' } }));
  it('changes its heater, its vent and its shelves', () => {
    const own = plan({ appliance: { kind: 'dehydrator', heater_w: 250, vent_pct: 50, shelves: 2 } });
    expect(chamberOf(own).heater_W).toBe(250);
    expect(chamberOf(own).vent_kg_per_s).toBeCloseTo(built.vent_kg_per_s / 2, 9);
    expect(own.applianceStages[0]).toMatchObject({ load_g: 800, loads: 2 });
  });
});
