/** Which way things go when one of them is changed: every baker knows these, whatever the numbers. */
import { describe, expect, it } from 'vitest';
import type { Appliance, HeatStep, PackChoice } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import { predict, type Prediction } from '@/core/prediction';
import { PANTRY } from '../reference/shipped';
import { batch } from './scene';

const hold = (setpoint_c: number, minutes: number): HeatStep => ({ do: 'hold', setpoint_c, minutes });
const DOUGHS = {
  plain: [
    ['flour_wheat_wholemeal', 300],
    ['egg_whole', 50],
    ['water', 120],
    ['rapeseed_oil', 15],
  ],
  pumpkin: [
    ['flour_oat', 320],
    ['pumpkin_puree', 200],
    ['egg_whole', 50],
  ],
  chickpea: [
    ['flour_chickpea', 300],
    ['sweet_potato_raw', 150],
    ['water', 60],
    ['coconut_oil', 20],
  ],
} as const;
type Way = {
  readonly dough?: keyof typeof DOUGHS;
  readonly thickness_mm?: number;
  readonly steps?: readonly HeatStep[];
  readonly appliance?: Appliance;
  readonly kitchen?: BatchDocument['kitchen'];
  readonly pack?: readonly PackChoice[];
  readonly gap_mm?: number;
};

function biscuit({ dough = 'plain', thickness_mm = 6, steps, appliance, kitchen, pack, gap_mm = 5 }: Way): Prediction {
  const document = batch('Way', DOUGHS[dough], {
    kitchen: kitchen ?? { altitude_m: 100, room_c: 20, room_rh_pct: 50 },
    shape: { method: 'roll-and-cut', cutter: { outline: 'square', width_mm: 40 }, thickness_mm, tray_gap_mm: gap_mm },
    heat: { appliance: appliance ?? { kind: 'static-oven' }, steps: [...(steps ?? [hold(165, 24)])] },
    pack: [...(pack ?? [{ option: 'clip-jar', store: 'room' }])],
  });
  const worked = predict(document, { pantry: PANTRY }, 'light');
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.prediction;
}
const water = (way: Way): number => biscuit(way).outcome.moisture_pct;

describe.each(Object.keys(DOUGHS) as Array<keyof typeof DOUGHS>)('%s', (dough) => {
  const wetter: ReadonlyArray<readonly [name: string, wet: Way, dry: Way]> = [
    ['thicker', { thickness_mm: 8 }, { thickness_mm: 6 }],
    ['shorter', { steps: [hold(165, 20)] }, { steps: [hold(165, 28)] }],
    ['cooler', { steps: [hold(155, 24)] }, { steps: [hold(175, 24)] }],
    ['in a full oven', { appliance: { kind: 'static-oven', load_g: 1600 } }, { appliance: { kind: 'static-oven', load_g: 300 } }],
    ['without a fan', {}, { appliance: { kind: 'fan-oven' } }],
    ['closer together', { gap_mm: 1 }, { gap_mm: 20 }],
    [
      'in damp air',
      { steps: [hold(80, 200)], kitchen: { altitude_m: 100, room_c: 24, room_rh_pct: 85 } },
      { steps: [hold(80, 200)], kitchen: { altitude_m: 100, room_c: 24, room_rh_pct: 25 } },
    ],
    [
      'at sea level',
      { steps: [hold(120, 60)], kitchen: { altitude_m: 0, room_c: 20, room_rh_pct: 50 } },
      { steps: [hold(120, 60)], kitchen: { altitude_m: 2400, room_c: 20, room_rh_pct: 50 } },
    ],
    ['taken out at once', { steps: [hold(170, 22)] }, { steps: [hold(170, 22), { do: 'off', minutes: 120 }] }],
  ];
  it.each(wetter)('%s leaves more water', (_, wet, dry) =>
    expect(water({ dough, ...wet })).toBeGreaterThan(water({ dough, ...dry })),
  );
  it('higher up the middle boils cooler', () => {
    const middle = (altitude_m: number): number =>
      biscuit({ dough, thickness_mm: 14, steps: [hold(175, 30)], kitchen: { altitude_m, room_c: 20, room_rh_pct: 50 } }).heat
        .core_c_max;
    expect(middle(2400)).toBeLessThan(middle(0) - 4);
  });
  it('a fan browns faster than still air at the same dial', () =>
    expect(biscuit({ dough, appliance: { kind: 'fan-oven' } }).heat.browning).toBeGreaterThan(biscuit({ dough }).heat.browning));
  it('a rack and a tray in still air end within six points of each other', () => {
    const on = (base: 'paper-on-tray' | 'wire-rack'): number => {
      const worked = predict(
        batch('Base', DOUGHS[dough], {
          shape: { method: 'roll-and-cut', cutter: { outline: 'square', width_mm: 40 }, thickness_mm: 6 },
          heat: { appliance: { kind: 'static-oven' }, base, steps: [hold(165, 24)] },
        }),
        { pantry: PANTRY },
        'light',
      );
      if (!worked.ok) throw new Error(worked.message);
      return worked.value.prediction.outcome.moisture_pct;
    };
    expect(Math.abs(on('wire-rack') - on('paper-on-tray'))).toBeLessThan(6);
  });
  it('places and packs: a fridge no less than the room, a freezer no less than a fridge, a pouch no less than a bag', () => {
    const stores = ['room', 'fridge', 'freezer'] as const;
    for (const minutes of [14, 24, 34]) {
      const { keeps } = biscuit({
        dough,
        steps: [hold(165, minutes)],
        pack: [...stores.map((store) => ({ option: 'zip-bag', store }) as const), { option: 'foil-pouch', store: 'room' }],
      });
      const [room, fridge, freezer, pouch] = keeps.map(({ days }) => days);
      expect(fridge).toBeGreaterThanOrEqual(room);
      expect(freezer).toBeGreaterThanOrEqual(fridge);
      expect(pouch).toBeGreaterThanOrEqual(room);
    }
  });
  it('longer baking never keeps shorter, until it is as dry as keeps best', () => {
    const days = [16, 20, 24, 28, 32, 36].map((minutes) => biscuit({ dough, steps: [hold(165, minutes)] }));
    for (let i = 1; i < days.length; i++)
      if (days[i].outcome.aw > 0.3) expect(days[i].keeps[0].days).toBeGreaterThanOrEqual(days[i - 1].keeps[0].days);
  });
  it('Snap tells 6 from 10 from 20 % of water', () => {
    const snapAt = (wanted_pct: number): number => {
      let [low, high] = [4, 120];
      for (let i = 0; i < 22; i++) {
        const middle = (low + high) / 2;
        if (water({ dough, steps: [hold(150, middle)] }) > wanted_pct) low = middle;
        else high = middle;
      }
      return biscuit({ dough, steps: [hold(150, low)] }).outcome.snap;
    };
    const [six, ten, twenty] = [6, 10, 20].map(snapAt);
    expect(six - ten).toBeGreaterThan(1);
    expect(ten - twenty).toBeGreaterThan(0.5);
  });
});
