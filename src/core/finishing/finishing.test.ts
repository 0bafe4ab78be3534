/** Coats against closed forms: the first water that leaves, where two things in a pack meet, and what a piece may take up. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { pressureAt, saturationPressure } from '../heat';
import { compose, type DoughLine } from '../pantry';
import { unevenAfterADay } from '../texture';
import { filmMaterial } from '../yield';
import { daysToMove, evenOut, movedAfter } from './evening-out';
import { dryFilm } from './film-drying';
import { settingByCooling, settingByDrying } from './setting';

const mix = (of: Readonly<Record<string, number>>): DoughLine[] =>
  Object.entries(of).map(([id, mass_g]) => ({ ingredient: PANTRY.get(id) ?? expect.fail(id), mass_g }));
const ROOM = { temperature_c: 20, relativeHumidity: 0.5, pressure_pa: pressureAt(0) };
const AIR = { air_c: 20, relativeHumidity: 0.5, minutes: 1440 };
const YOGHURT = filmMaterial(mix({ yogurt_greek: 100 }));
const film = (thickness_mm: number) => ({ dough: YOGHURT, thickness_mm, under_mm: 6 });

describe('a film in still air', () => {
  it('loses its first water as a wet bulb does: lumped balance of heat and vapour', () => {
    const { frames } = dryFilm(film(1), [AIR], ROOM) ?? expect.fail('ran away');
    // Chilton-Colburn for still air: convection 4.5 W/(m2 K) on one face, radiation with it on the other side of the balance.
    const convection = 4.5;
    const radiation = 0.95 * 0.9 * 4 * 5.67e-8 * 291 ** 3;
    const mass = convection / (1006 * 1.2) / 0.89 / (461.5 * 291);
    const evaporates = (surface_c: number): number => mass * (saturationPressure(surface_c) - 0.5 * saturationPressure(20));
    // Heat in by convection and radiation, and from below through the piece once it is as cool: steady wet bulb.
    let [low, high] = [0, 20];
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2;
      // From below the piece's other side takes part of it in: its tray is warmed by air of the same coefficient.
      const below = 1 / (1 / 60 + 1 / (3.5 + radiation));
      const gain = (convection + radiation + below) * (20 - middle);
      if (gain > 2.46e6 * evaporates(middle)) low = middle;
      else high = middle;
    }
    const [at2h, at4h] = [7200, 14_400].map((at) => frames.find(({ time_s }) => time_s >= at - 1) ?? expect.fail());
    const solids = YOGHURT.material.solids_kg_per_m3 * 1e-3;
    const rate = ((at2h.meanMoisture - at4h.meanMoisture) * solids) / (at4h.time_s - at2h.time_s);
    expect(rate / evaporates(low)).toBeGreaterThan(0.85);
    expect(rate / evaporates(low)).toBeLessThan(1.15);
  });
  it('ends at the air that it stands in, and closes its water', () => {
    const run = dryFilm(film(0.5), [{ ...AIR, minutes: 2880 }], ROOM) ?? expect.fail('ran away');
    expect(run.waterError).toBeLessThan(1e-9);
    const held = YOGHURT.material.activity.water_kg_per_kg(0.5);
    expect(run.end.meanMoisture).toBeGreaterThan(0.9 * held);
    expect(run.end.meanMoisture).toBeLessThan(1.15 * held);
  });
  it('a band has its ends about the likely minutes', () => {
    const sets = settingByDrying(film(0.8), [{ ...AIR, minutes: 2880 }], ROOM);
    expect(sets.by).toBe('drying');
    expect(sets.minutes_low).toBeLessThan(sets.minutes ?? 0);
    expect(sets.minutes_high).toBeGreaterThan(sets.minutes ?? Infinity);
    expect(sets.stack_minutes).toBeGreaterThanOrEqual(sets.minutes ?? Infinity);
  });
  it('never sets where the air is damper than it must become', () =>
    expect(
      settingByDrying(film(1), [{ air_c: 20, relativeHumidity: 0.9, minutes: 2880 }], { ...ROOM, relativeHumidity: 0.9 }).by,
    ).toBe('not'));
});

describe('a coat of fat', () => {
  const CAROB = mix({ coconut_oil: 60, carob_powder: 40 });
  const on = { dough: filmMaterial(CAROB), thickness_mm: 1, under_mm: 6 };
  it('is firm sooner in the fridge, and never in a kitchen as warm as it melts', () => {
    const [fridge, cool] = [4, 19].map((air_c) => settingByCooling(CAROB, on, air_c, 20).minutes ?? Infinity);
    expect(fridge).toBeLessThan(cool);
    expect(settingByCooling(CAROB, on, 26, 26).by).toBe('not');
  });
  it('of oils stays soft', () => expect(settingByCooling(mix({ peanut_butter: 100 }), on, 4, 20).by).toBe('not'));
});

describe('water in a closed pack', () => {
  const biscuit = compose(mix({ flour_wheat_wholemeal: 100 }));
  const icing = compose(mix({ starch_tapioca: 60, honey: 40 }));
  it('ends at one activity for all, and none is lost', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 30, noNaN: true }), fc.double({ min: 0.5, max: 30, noNaN: true }), (one, other) => {
        const met = evenOut([
          { composition: biscuit, water_g: one, state: 1 },
          { composition: icing, water_g: other, state: 0 },
        ]);
        expect(met.water_g[0] + met.water_g[1]).toBeCloseTo(one + other, 6);
        // Either by itself lies on one side of where they meet.
        const alone = [
          evenOut([{ composition: biscuit, water_g: one, state: 1 }]).aw,
          evenOut([{ composition: icing, water_g: other, state: 0 }]).aw,
        ];
        expect(met.aw).toBeGreaterThanOrEqual(Math.min(...alone) - 1e-6);
        expect(met.aw).toBeLessThanOrEqual(Math.max(...alone) + 1e-6);
      }),
      { seed: 11 },
    ));
  it('two halves of one thing meet at the mean of their waters', () => {
    const met = evenOut([
      { composition: biscuit, water_g: 4, state: 1 },
      { composition: biscuit, water_g: 10, state: 1 },
    ]);
    expect(met.water_g[0]).toBeCloseTo(7, 6);
    expect(met.water_g[1]).toBeCloseTo(7, 6);
  });
  it('moves as the first term of a slab that takes it in through one face, with the diffusivity that evens out a biscuit', () => {
    // Crank 1975: the slowest mode falls as exp(-pi2 D t / L2) between two open faces, as exp(-pi2 D t / 4 L2) with one of them shut.
    const metres = 6e-3;
    const D_m2_per_day = (-Math.log(unevenAfterADay(6)) * metres ** 2) / Math.PI ** 2;
    expect(movedAfter(1, 6)).toBeCloseTo(1 - Math.exp((-(Math.PI ** 2) * D_m2_per_day) / (4 * metres ** 2)), 9);
    expect(D_m2_per_day / 86_400).toBeGreaterThan(3e-11);
    expect(D_m2_per_day / 86_400).toBeLessThan(3e-10);
  });
  it('and the days until so much has moved are the other way round', () => {
    for (const share of [0.1, 0.5, 0.9]) expect(movedAfter(daysToMove(share, 6), 6)).toBeCloseTo(share, 9);
    expect(daysToMove(1, 6)).toBe(Infinity);
    expect(daysToMove(0.5, 6, 2)).toBeCloseTo(2 * daysToMove(0.5, 6), 9);
  });
});
