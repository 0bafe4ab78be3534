/** The solver over the whole range of kitchens: it must stay finite, physical and closed wherever a baker can take it. */
import { describe, expect, it } from 'vitest';

import { builtChamber } from './chambers';
import { FOOD_CLASSES, SUPPORTS, simulate, type FoodClass } from '@/core/heat';
import { LAB_BROWNING, LAB_ROOM, USUAL, labMaterial, pieceOf, run, stage } from './laboratory';
import { APPLIANCE_KINDS, isChamber } from '@/core/catalogue';
import { ofSweep } from './sweep';

const WATERS = [10, 30, 60, 90];
const THICKNESSES_MM = [1.5, 6, 20, 60];
const SETPOINTS_C = [35, 90, 200];
const KINDS = APPLIANCE_KINDS.filter(isChamber);
const KITCHENS = WATERS.flatMap((water) =>
  THICKNESSES_MM.flatMap((thickness_mm) =>
    SETPOINTS_C.flatMap((setpoint) => KINDS.map((kind) => ({ water, thickness_mm, setpoint, kind }))),
  ),
);

/** A dough of this much water; the solids in fixed proportion. */
const wet = (water: number, food: FoodClass): ReturnType<typeof labMaterial> => {
  const share = (100 - water) / 100;
  return labMaterial([water, 55 * share, 14 * share, 4 * share, 3 * share, 8 * share, 14 * share, 2 * share], food);
};

describe.each(Object.keys(FOOD_CLASSES) as Array<keyof typeof FOOD_CLASSES>)('%s', (name) => {
  it('bakes, rests in the dead oven and cools on the rack without a wild number', () => {
    for (const { water, thickness_mm, setpoint, kind } of ofSweep(KITCHENS, 3)) {
      const result = simulate({
        material: wet(water, FOOD_CLASSES[name]),
        piece: pieceOf(thickness_mm, 50, 0.7),
        surroundings: { kind: 'chamber', chamber: builtChamber(kind), load_kg: 0.5 },
        room: LAB_ROOM,
        browning: LAB_BROWNING,
        fineness: USUAL,
        recordEvery_s: 120,
        stages: [
          stage(60, setpoint, { support: SUPPORTS['paper-on-tray'], preheated: true }),
          stage(40, 'off', { support: SUPPORTS['paper-on-tray'] }),
          stage(20, 'room'),
        ],
      });
      const what = `${water} % water, ${thickness_mm} mm, ${setpoint} °C, ${kind}`;
      if (!result.ok) throw new Error(`${what}: ${result.message}`);
      const { frames, waterError } = result.value;
      const hottest = Math.max(...frames.map(({ hottest_c, air_c }) => hottest_c - Math.max(air_c, setpoint)));
      expect(
        frames.every((frame) => Object.values(frame).every(Number.isFinite)),
        what,
      ).toBe(true);
      expect(hottest, what).toBeLessThan(3);
      expect(waterError, what).toBeLessThan(1e-9);
    }
  });
});

describe('one change at a time, in a plain two-stage bake', () => {
  type Change = { water?: number; thickness_mm?: number; setpoint?: number; convection?: number; load_kg?: number };
  const left = ({ water = 40, thickness_mm = 6, setpoint = 160, convection = 1, load_kg = 0.6 }: Change): number => {
    const oven = builtChamber('static-oven');
    return run({
      material: wet(water, FOOD_CLASSES.dough),
      piece: pieceOf(thickness_mm, 50, 0.7),
      surroundings: {
        kind: 'chamber',
        load_kg,
        chamber: { ...oven, convectionTop_W_per_m2_K: 10.8 * convection, convectionBottom_W_per_m2_K: 10.8 * convection },
      },
      stages: [stage(25, setpoint, { support: SUPPORTS['paper-on-tray'], preheated: true })],
    }).end.meanMoisture;
  };
  it.each([
    ['thicker', { thickness_mm: 7 }],
    ['wetter', { water: 44 }],
    ['cooler', { setpoint: 150 }],
    ['stiller air', { convection: 0.7 }],
  ])('%s never dries faster', (_, change) => expect(left(change)).toBeGreaterThan(left({})));
  it('a fuller dehydrator takes longer', () => {
    const hours = (load_kg: number): number =>
      run({
        material: wet(80, FOOD_CLASSES.root),
        piece: pieceOf(3, 40, 1),
        surroundings: { kind: 'chamber', chamber: builtChamber('dehydrator'), load_kg },
        stages: [stage(600, 65, { support: SUPPORTS.mesh })],
      }).frames.find(({ meanMoisture }) => meanMoisture < 0.15)?.time_s ?? Infinity;
    expect(hours(1.5)).toBeGreaterThan(1.2 * hours(0.5));
  });
  it('turning changes the faces, not the water', () => {
    const bake = (turn: boolean): ReturnType<typeof run> =>
      run({
        material: wet(40, FOOD_CLASSES.dough),
        piece: pieceOf(6, 50, 0.7),
        surroundings: { kind: 'chamber', chamber: builtChamber('static-oven'), load_kg: 0.6 },
        stages: [
          stage(12, 170, { support: SUPPORTS['paper-on-tray'], preheated: true }),
          stage(1, 170, { support: SUPPORTS['paper-on-tray'], events: turn ? [{ do: 'turn' }] : [] }),
        ],
      });
    const [turned, left_] = [bake(true), bake(false)];
    expect(Math.abs(turned.end.meanMoisture - left_.end.meanMoisture)).toBeLessThan(0.01);
    expect(turned.end.browningTop).toBeCloseTo(left_.end.browningBottom, 1);
  });
  it('brushing adds its water, exactly', () => {
    const { end, waterError } = run({
      material: wet(40, FOOD_CLASSES.dough),
      piece: pieceOf(6, 50, 0.7),
      surroundings: { kind: 'chamber', chamber: builtChamber('static-oven'), load_kg: 0.6 },
      stages: [stage(0, 'room', { events: [{ do: 'brush', water_kg_per_m2: 0.03 }] })],
    });
    expect(end.meanMoisture).toBeGreaterThan(wet(40, FOOD_CLASSES.dough).moisture0);
    expect(waterError).toBeLessThan(1e-12);
  });
  it('a slab snapped apart dries faster than one left whole', () => {
    const dried = (snap: boolean): number =>
      run({
        material: wet(40, FOOD_CLASSES.dough),
        piece: { ...pieceOf(8, 300, 0), exposure: 0, heatExposure: 0 },
        surroundings: { kind: 'chamber', chamber: builtChamber('static-oven'), load_kg: 0.6 },
        stages: [
          stage(20, 160, { support: SUPPORTS['paper-on-tray'], preheated: true }),
          stage(40, 110, {
            support: SUPPORTS['paper-on-tray'],
            events: snap ? [{ do: 'snap-apart', width_m: 0.02, length_m: 0.02, exposure: 0.7 }] : [],
          }),
        ],
      }).end.meanMoisture;
    expect(dried(true)).toBeLessThan(dried(false));
  });
});
