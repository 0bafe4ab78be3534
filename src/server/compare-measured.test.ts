import { describe, expect, it } from 'vitest';
import { compareMeasured } from './compare-measured';

const FORECAST = {
  pieces: 120,
  pieces_low: 110,
  pieces_high: 130,
  minutes: 90,
  mass_loss_pct: 40.6,
  moisture_pct: 4,
  moisture_pct_low: 2,
  moisture_pct_high: 12,
  dough_water_pct: 43,
  snap: 9.5,
  snap_low: 4,
  snap_high: 10,
  texture: 'snaps clean',
  keeps_days: 60,
  keeps_low: 20,
  keeps_high: 90,
  keeps_in: '',
  keeps_limit: '',
};
const NOTHING = { pieces: null, tray_g: 0, before_g: null, after_g: null, texture: null, note: '' };

describe('measured beside predicted', () => {
  it('the loss is of the pieces, without the tray', () => {
    const { loss_pct } = compareMeasured({ ...NOTHING, tray_g: 600, before_g: 1100, after_g: 900 }, FORECAST);
    expect(loss_pct?.measured).toBeCloseTo(40, 9);
  });
  it('water left follows by mass balance: the dry part stays', () => {
    // 500 g of dough with 43 % water hold 285 g of solids; at 300 g the rest is 15 g of water, 5 %.
    const { moisture_pct } = compareMeasured({ ...NOTHING, before_g: 500, after_g: 300 }, FORECAST);
    expect(moisture_pct?.measured).toBeCloseTo(5, 9);
    expect(moisture_pct?.inside).toBe(true);
  });
  it('water left is as sure as the dough’s own water, which is two points off: at 40 % loss 3.3 of what is left', () => {
    const { moisture_pct, loss_pct } = compareMeasured({ ...NOTHING, before_g: 500, after_g: 300 }, FORECAST);
    expect(moisture_pct?.give_or_take).toBeCloseTo(2 / 0.6, 9);
    expect(loss_pct?.give_or_take).toBeUndefined();
  });
  it('the loss has a band of its own, wider than the water’s: doughs differ in water too', () => {
    const banded = { ...FORECAST, mass_loss_pct_low: 33, mass_loss_pct_high: 44 };
    const { loss_pct } = compareMeasured({ ...NOTHING, before_g: 500, after_g: 300 }, banded);
    expect(loss_pct).toMatchObject({ likely: 40.6, low: 33, high: 44, inside: true });
  });
  it('of an older forecast the band of the loss runs from the wet end to the dry end', () => {
    const { loss_pct } = compareMeasured({ ...NOTHING, before_g: 500, after_g: 300 }, FORECAST);
    expect(loss_pct?.low).toBeCloseTo(100 * (1 - 57 / 88), 6);
    expect(loss_pct?.high).toBeCloseTo(100 * (1 - 57 / 98), 6);
    expect(loss_pct?.likely).toBeGreaterThan(loss_pct?.low ?? 0);
  });
  it('a tray drier than dry shows no negative water', () => {
    const { moisture_pct } = compareMeasured({ ...NOTHING, before_g: 500, after_g: 280 }, FORECAST);
    expect(moisture_pct?.measured).toBe(0);
    expect(moisture_pct?.inside).toBe(false);
  });
  it('what was not entered is not compared', () =>
    expect(compareMeasured({ ...NOTHING, before_g: 500 }, FORECAST)).toEqual({
      pieces: null,
      loss_pct: null,
      moisture_pct: null,
      texture: null,
    }));
  it('counts and textures are told apart', () => {
    const { pieces, texture } = compareMeasured({ ...NOTHING, pieces: 95, texture: 'hard' }, FORECAST);
    expect(pieces).toMatchObject({ measured: 95, inside: false });
    expect(texture).toEqual({ measured: 'hard', predicted: 'snaps clean', same: false });
  });
});
