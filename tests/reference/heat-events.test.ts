/**
 * What bakers do between two stretches, and where they do it: each event by its mass balance, by what it must change and
 * what it must not, and by its limits.
 */
import { describe, expect, it } from 'vitest';
import type { ApplianceKind } from '@/core/catalogue';
import { builtChamber } from './chambers';
import {
  chamberFromReadings,
  cooledTo,
  mixClasses,
  preheat,
  type Chamber,
  type PieceEvent,
  type Stage,
  type Surroundings,
} from '@/core/heat';
import { LAB_FOODS, LAB_SUPPORTS, APPLE, GRAIN_DOUGH, MEAT_SLAB, ROOT, labMaterial, pieceOf, run, stage } from './laboratory';

const DOUGH = labMaterial(GRAIN_DOUGH, LAB_FOODS.dough);
const OVEN: Surroundings = { kind: 'chamber', chamber: builtChamber('static-oven'), load_kg: 0.6 };
const TRAY = LAB_SUPPORTS['paper-on-tray'];
const bake = (stages: readonly Stage[], more: Partial<Parameters<typeof run>[0]> = {}): ReturnType<typeof run> =>
  run({ material: DOUGH, piece: pieceOf(6, 50, 0.7), surroundings: OVEN, stages, ...more });
const hold = (minutes: number, set: Stage['set'], more: Partial<Stage> = {}): Stage =>
  stage(minutes, set, { support: TRAY, ...more });
const hot = hold(15, 170, { preheated: true });

describe('events', () => {
  const after = (events: readonly PieceEvent[], more: Partial<Stage> = {}) => bake([hot, hold(30, 120, { events, ...more })]);
  const plain = after([]);
  it.each<[string, readonly PieceEvent[]]>([
    ['turn', [{ do: 'turn' }]],
    ['stir', [{ do: 'stir' }]],
    ['brush', [{ do: 'brush', water_kg_per_m2: 0.03 }]],
    ['score', [{ do: 'score', width_m: 0.02, length_m: 0.02 }]],
    ['snap apart', [{ do: 'snap-apart', width_m: 0.02, length_m: 0.02, exposure: 0.7 }]],
    ['turn out', [{ do: 'turn-out', exposure: 1 }]],
    ['new tray', [{ do: 'new-tray' }]],
    ['rotate', [{ do: 'rotate-trays' }]],
  ])('%s: water and energy close', (_, events) => {
    const { waterError, energyError } = after(events);
    expect(waterError).toBeLessThan(1e-12);
    expect(energyError).toBeLessThan(1e-6);
  });
  it('stirring frees the sides: it dries faster than turning, turning about as fast as lying', () => {
    const [turned, stirred] = [after([{ do: 'turn' }]), after([{ do: 'stir' }])];
    expect(stirred.end.meanMoisture).toBeLessThan(turned.end.meanMoisture);
    expect(Math.abs(turned.end.meanMoisture - plain.end.meanMoisture)).toBeLessThan(0.03 * DOUGH.moisture0);
  });
  it('cut through and left lying it dries as before; snapped apart it dries faster', () => {
    const cut = { width_m: 0.02, length_m: 0.02 };
    const [scored, snapped] = [after([{ do: 'score', ...cut }]), after([{ do: 'snap-apart', ...cut, exposure: 0.7 }])];
    expect(Math.abs(scored.end.meanMoisture - plain.end.meanMoisture)).toBeLessThan(0.05 * plain.end.meanMoisture);
    expect(snapped.end.meanMoisture).toBeLessThan(0.97 * scored.end.meanMoisture);
  });
  it('every wash leaves it wetter, by no more than it brought, and the more the wetter', () => {
    let before = plain.end.meanMoisture;
    const solids_kg_per_m2 = DOUGH.solids_kg_per_m3 * 0.006;
    for (const water_kg_per_m2 of [0.01, 0.03, 0.06]) {
      const washed = after([{ do: 'brush', water_kg_per_m2 }]).end.meanMoisture;
      expect(washed).toBeGreaterThan(before);
      expect(washed - plain.end.meanMoisture).toBeLessThan(water_kg_per_m2 / solids_kg_per_m2);
      before = washed;
    }
  });
  it('a washed face browns faster', () => {
    const washed = bake([hot, hold(20, 170, { events: [{ do: 'brush', water_kg_per_m2: 0.005 }] })]);
    const dry = bake([hot, hold(20, 170)]);
    expect(washed.end.browningTop).toBeGreaterThan(dry.end.browningTop);
  });
  it('turned out of a deep pan it dries faster than left in', () => {
    const cake = labMaterial(GRAIN_DOUGH, LAB_FOODS.cake);
    const inPan = { ...pieceOf(25, 80, 0), heatExposure: 0.9 };
    const left = (events: readonly PieceEvent[], support: Stage['support']): number =>
      bake([hold(25, 170, { preheated: true, support: LAB_SUPPORTS['deep-pan'] }), hold(30, 120, { events, support })], {
        material: cake,
        piece: inPan,
      }).end.meanMoisture;
    expect(left([{ do: 'turn-out', exposure: 0.7 }, { do: 'new-tray' }], LAB_SUPPORTS['wire-rack'])).toBeLessThan(
      left([], LAB_SUPPORTS['deep-pan']),
    );
  });
  it('a cold tray is a cold start from below', () =>
    expect(after([{ do: 'new-tray' }]).frames.find(({ time_s }) => time_s > 1000)?.core_c).toBeLessThan(
      plain.frames.find(({ time_s }) => time_s > 1000)?.core_c ?? 0,
    ));
  it('rotating half-way brings the best and the worst tray together', () => {
    const end = (place: number, events: readonly PieceEvent[]): number =>
      bake([hot, hold(15, 170, { events })], { place }).end.meanMoisture;
    const apart = end(-1, []) - end(1, []);
    const rotated = end(-1, [{ do: 'rotate-trays' }]) - end(1, [{ do: 'rotate-trays' }]);
    expect(apart).toBeGreaterThan(0.02);
    expect(Math.abs(rotated)).toBeLessThan(0.5 * apart);
  });
});

describe('ramps and doors', () => {
  it('a ramp ends at its setpoint, on the way half-way in half the time, and no faster than the oven can', () => {
    const { frames } = bake([hot, hold(40, 100, { ramp: true, door: 'ajar' }), hold(10, 100)]);
    const air = (minute: number): number => frames.find(({ time_s }) => time_s >= minute * 60)?.air_c ?? NaN;
    expect(Math.abs(air(35) - 135)).toBeLessThan(4);
    expect(Math.abs(air(56) - 100)).toBeLessThan(3);
    const up = bake([hold(10, 60, { preheated: true }), hold(30, 180, { ramp: true })]);
    expect(Math.abs(up.end.air_c - 180)).toBeLessThan(3);
    expect(up.frames.find(({ time_s }) => time_s >= 1500)?.air_c).toBeLessThan(125);
  });
  it('a ramp after the oven was off starts from where its air has fallen to', () => {
    const { frames } = bake([hot, hold(30, 'off'), hold(20, 150, { ramp: true })]);
    const dead = frames.findLast(({ time_s }) => time_s <= 45 * 60)?.air_c ?? 0;
    const next = frames.find(({ time_s }) => time_s >= 46 * 60)?.air_c ?? 0;
    expect(Math.abs(next - dead)).toBeLessThan(8);
  });
  it('a look through the door costs degrees, a long one more', () => {
    const dip = (seconds: number): number => bake([hot, hold(seconds / 60, 170, { door: 'open' })]).end.air_c;
    expect(dip(20)).toBeLessThan(170);
    expect(dip(60)).toBeLessThan(dip(20));
  });
});

describe('moving on', () => {
  const drier: Surroundings = { kind: 'chamber', chamber: builtChamber('dehydrator'), load_kg: 0.6 };
  it('the piece takes its heat and water along, the air is new', () => {
    const { frames, waterError, drawn_J } = bake([hot, hold(180, 60, { into: drier, support: LAB_SUPPORTS.mesh })]);
    const [before, next] = [15, 15.6].map((minute) => frames.find(({ time_s }) => time_s >= minute * 60 - 1e-6));
    expect(next?.air_c).toBeLessThan(40);
    expect(Math.abs((next?.meanMoisture ?? 0) - (before?.meanMoisture ?? 0))).toBeLessThan(0.02);
    expect(waterError).toBeLessThan(1e-12);
    expect(drawn_J).toHaveLength(2);
    expect(drawn_J[1]).toBeGreaterThan(1e5);
  });
  it('baked, it goes into the freezer and keeps its water', () => {
    const freezer: Surroundings = { kind: 'freezer', air_c: -20, heat_W_per_m2_K: 9, load_kg: 0.6 };
    const { frames, end, waterError } = bake([hot, hold(30, 'room'), hold(600, 'off', { into: freezer })]);
    const packed = frames.findLast(({ time_s }) => time_s <= 45 * 60 + 1);
    expect(end.meanMoisture).toBeCloseTo(packed?.meanMoisture ?? 0, 9);
    expect(end.core_c).toBeLessThan(-18);
    expect(waterError).toBeLessThan(1e-12);
  });
});

describe('still air', () => {
  const night = (relativeHumidity: number): number =>
    bake([hold(60, 170, { preheated: true }), hold(720, { air_c: 20, relativeHumidity }, { support: LAB_SUPPORTS['wire-rack'] })])
      .end.meanMoisture;
  it('a crisp biscuit takes up water on the rack, the more the damper the night', () => {
    const crisp = bake([hold(60, 170, { preheated: true })]).end.meanMoisture;
    expect(night(0.4)).toBeGreaterThan(crisp);
    expect(night(0.8)).toBeGreaterThan(night(0.6));
    expect(night(0.6)).toBeGreaterThan(night(0.4));
  });
  it('a fridge cools faster than the room', () => {
    const minute = (set: Stage['set']): number =>
      bake([hot, hold(90, set)]).frames.find(({ time_s, core_c }) => time_s > 900 && core_c < 24)?.time_s ?? Infinity;
    expect(minute({ air_c: 4, relativeHumidity: 0.7 })).toBeLessThan(minute('room'));
  });
});

describe('other appliances', () => {
  const dried = (kind: ApplianceKind, minutes: number, set: number, support = TRAY) =>
    bake([hold(minutes, set, { preheated: true, support })], {
      surroundings: { kind: 'chamber', chamber: builtChamber(kind), load_kg: 0.4 },
    });
  it('the burner of a gas oven moistens its own air', () => {
    const empty = { surroundings: { kind: 'chamber', chamber: builtChamber('gas-oven'), load_kg: 0 } } as const;
    const gas = bake([hold(40, 180)], empty).end.air_pa;
    const dry: Chamber = { ...builtChamber('gas-oven'), steam_kg_per_J: 0 };
    expect(gas).toBeGreaterThan(
      1.3 * bake([hold(40, 180)], { surroundings: { kind: 'chamber', chamber: dry, load_kg: 0 } }).end.air_pa,
    );
  });
  it('an air fryer dries faster than a fan oven, and that faster than a static one', () => {
    const mesh = LAB_SUPPORTS.mesh;
    const [fryer, fan, still] = (['air-fryer', 'fan-oven', 'static-oven'] as const).map(
      (kind) => dried(kind, 15, 170, mesh).end.meanMoisture,
    );
    expect(fryer).toBeLessThan(fan);
    expect(fan).toBeLessThan(still);
  });
  it('hot plates heat from both faces, quicker than any air, and hold the steam back', () => {
    const fish = labMaterial(MEAT_SLAB, LAB_FOODS.meat);
    const core = (kind: ApplianceKind, support: Stage['support']) =>
      bake([hold(5, 190, { preheated: true, support })], {
        material: fish,
        piece: pieceOf(15, 20, 1),
        surroundings: { kind: 'chamber', chamber: builtChamber(kind), load_kg: 0.3 },
      }).end;
    const [grill, fan] = [core('contact-grill', LAB_SUPPORTS.plates), core('fan-oven', LAB_SUPPORTS['wire-rack'])];
    expect(grill.core_c).toBeGreaterThan(fan.core_c + 15);
    expect(grill.browningTop).toBeCloseTo(grill.browningBottom, 6);
  });
});

describe('classes of food between two', () => {
  it.each([
    ['dough', 'meat'],
    ['dough', 'cake'],
    ['fruit', 'root'],
  ] as const)('%s to %s: what is left runs evenly from the one to the other', (from, to) => {
    const left = [0, 0.25, 0.5, 0.75, 1].map(
      (share) =>
        bake([hold(40, 150, { preheated: true })], {
          material: labMaterial(GRAIN_DOUGH, mixClasses(LAB_FOODS[from], LAB_FOODS[to], share)),
        }).end.meanMoisture,
    );
    const direction = Math.sign(left[4] - left[0]);
    for (let i = 1; i < left.length; i++) expect(direction * (left[i] - left[i - 1])).toBeGreaterThan(-1e-3 * DOUGH.moisture0);
  });
  it('apple and root dry as published orders say: hours, not minutes', () => {
    for (const [recipe, food] of [
      [APPLE, LAB_FOODS.fruit],
      [ROOT, LAB_FOODS.root],
    ] as const) {
      const { frames } = run({
        material: labMaterial(recipe, food),
        piece: pieceOf(4, 50, 1),
        surroundings: { kind: 'chamber', chamber: builtChamber('dehydrator'), load_kg: 0.8 },
        stages: [stage(600, 65, { support: LAB_SUPPORTS.mesh })],
      });
      const hours = (frames.find(({ meanMoisture }) => meanMoisture < 0.15)?.time_s ?? Infinity) / 3600;
      expect(hours).toBeGreaterThan(2);
      expect(hours).toBeLessThan(8);
    }
  });
});

describe("an oven's own heat-up and cool-down", () => {
  const built = builtChamber('static-oven');
  const readingsOf = (chamber: Chamber) => ({
    heat_up: { to_c: 175, minutes: preheat(chamber, 175, 20).time_s / 60 },
    cool_down: {
      from_c: 175,
      minutes: 30,
      to_c: cooledTo(chamber, 175, 1800, 20),
      later: { minutes: 120, to_c: cooledTo(chamber, 175, 7200, 20) },
    },
  });
  it.each([
    ['heavier and leakier', { capacity_J_per_K: 14000, loss_W_per_K: 3.4, into: 6 }],
    ['light and tight', { capacity_J_per_K: 6000, loss_W_per_K: 1.6, into: 3.5 }],
    ['as it was built', { capacity_J_per_K: 9000, loss_W_per_K: 2.4, into: 4.5 }],
  ])('%s cools as it does in truth, from three readings', (_, { into, ...change }) => {
    const walls = { capacity_J_per_K: (14000 * change.capacity_J_per_K) / 9000, conductance_W_per_K: into };
    const truth: Chamber = { ...built, ...change, walls };
    const found = chamberFromReadings(built, readingsOf(truth), 20);
    for (const minutes of [10, 30, 60, 90, 120, 240])
      expect(
        Math.abs(cooledTo(found, 175, minutes * 60, 20) - cooledTo(truth, 175, minutes * 60, 20)),
        `${minutes}`,
      ).toBeLessThan(2);
    expect(preheat(found, 175, 20).time_s / preheat(truth, 175, 20).time_s).toBeCloseTo(1, 1);
  });
  it('two stores of heat fall fast at first and slowly after: 177 °C empty, off at 10 to 240 min', () => {
    const fall = [10, 30, 60, 90, 120, 240].map((minutes) => cooledTo(built, 177, minutes * 60, 20));
    const told = [150, 114, 82, 63, 50, 27];
    fall.forEach((c, i) => expect(Math.abs(c - told[i])).toBeLessThan(3));
  });
  it('without walls it is the one lump of a textbook: exp(-t U/C), and -C/U ln(1 - U ΔT/P) to heat up', () => {
    const lump: Chamber = { ...built, walls: null, vent_kg_per_s: 0 };
    const { capacity_J_per_K: c, loss_W_per_K: u, heater_W: p } = lump;
    expect(cooledTo(lump, 175, 3600, 20)).toBeCloseTo(20 + 155 * Math.exp((-3600 * u) / c), 6);
    expect(preheat(lump, 175, 20).time_s).toBeCloseTo((-c / u) * Math.log(1 - (u * 155) / p), 1);
  });
  it('one reading is used for what it can tell', () => {
    const slow = chamberFromReadings(built, { heat_up: { to_c: 175, minutes: 25 } }, 20);
    expect(preheat(slow, 175, 20).time_s / 60).toBeCloseTo(25, 0);
    const tight = chamberFromReadings(built, { cool_down: { from_c: 175, minutes: 30, to_c: 140 } }, 20);
    expect(cooledTo(tight, 175, 1800, 20)).toBeCloseTo(140, 0);
  });
  it('readings that no oven gives are bent back', () => {
    const wild = chamberFromReadings(
      built,
      { heat_up: { to_c: 250, minutes: 0.5 }, cool_down: { from_c: 175, minutes: 600, to_c: 174 } },
      20,
    );
    for (const value of Object.values(wild)) if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
    expect(wild.capacity_J_per_K).toBeGreaterThanOrEqual(built.capacity_J_per_K / 5.1);
    expect(wild.loss_W_per_K).toBeGreaterThan(0);
  });
});
