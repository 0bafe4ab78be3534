/** The solver's parts, each against what it must do by itself. */
import { describe, expect, it } from 'vitest';
import { builtChamber } from '../../../tests/reference/chambers';
import { buildActivityTable, laboratoryIsotherm } from '../sorption';
import { FOOD_CLASSES, mixClasses, preheat } from '.';
import { Browning } from './browning';
import { ChamberAir } from './chamber-air';
import { cellShares, cellsFor } from './grid';
import type { Stage } from './programme';
import { SUPPORTS } from './appliance';
import { activityFactor, activityFactorSlope, boundLatentHeat } from './sorption-heat';
import { SurfaceFlux, evaporation, massTransfer } from './surface-flux';
import { solveTridiagonal } from './tridiagonal';
import {
  humidityRatio,
  latentHeat,
  logSaturation,
  saturationPressure,
  vapourPressure,
  vapourPressureSlope,
} from './water-vapour';

const SEA_PA = 101325;
const ROOM = { temperature_c: 20, relativeHumidity: 0.5, pressure_pa: SEA_PA };

describe('grid', () => {
  it.each([8, 12, 16, 24])('%d cells fill the thickness, mirror-fashion, thinnest outside', (count) => {
    const shares = cellShares(count);
    expect(shares.reduce((a, b) => a + b)).toBeCloseTo(1, 12);
    expect(shares[0]).toBeCloseTo(shares[count - 1], 12);
    expect(shares[0]).toBeLessThan(shares[count / 2]);
  });
  it('sixteen cells are as published', () =>
    [0.0197, 0.028, 0.0391, 0.0529, 0.0689, 0.0852, 0.099, 0.1071].forEach((share, i) =>
      expect(cellShares(16)[i]).toBeCloseTo(share, 3),
    ));
  it('crisps get few cells, cakes many', () =>
    expect([cellsFor(0.001, 16), cellsFor(0.006, 16), cellsFor(0.06, 16)]).toEqual([8, 16, 24]));
});

describe('tridiagonal systems', () => {
  it('are solved exactly', () => {
    const [lower, diagonal, upper] = [
      [0, -1, -1, -1],
      [4, 4, 4, 4],
      [-1, -1, -1, 0],
    ].map((row) => Float64Array.from(row));
    const answer = [1, -2, 3, 0.5];
    const rhs = Float64Array.from(answer.map((x, i) => 4 * x - (answer[i - 1] ?? 0) - (answer[i + 1] ?? 0)));
    solveTridiagonal(lower, diagonal, upper, rhs, 4);
    answer.forEach((x, i) => expect(rhs[i]).toBeCloseTo(x, 12));
  });
});

describe('water and vapour', () => {
  it.each([
    [20, 2.455e6],
    [60, 2.359e6],
    [100, 2.257e6],
  ])('latent heat at %d °C is that of steam tables', (c, J) => expect(Math.abs(latentHeat(c) / J - 1)).toBeLessThan(0.002));
  it('humidity ratio and vapour pressure undo each other', () => {
    for (const pa of [100, 2000, 20000, 80000]) {
      const ratio = humidityRatio(pa, SEA_PA);
      expect(vapourPressure(ratio, SEA_PA)).toBeCloseTo(pa, 6);
      const slope = (vapourPressure(ratio + 1e-6, SEA_PA) - vapourPressure(ratio - 1e-6, SEA_PA)) / 2e-6;
      expect(vapourPressureSlope(ratio, SEA_PA) / slope).toBeCloseTo(1, 5);
    }
  });
  it('the table of saturation is the curve', () => {
    for (const c of [-15, 0.5, 37.2, 99.9, 180.4]) expect(Math.exp(logSaturation(c)) / saturationPressure(c)).toBeCloseTo(1, 3);
  });
  it('the heat of sorption is free water far from dryness and grows towards it', () => {
    expect(activityFactor(25)).toBeCloseTo(1, 9);
    for (const [c, phi] of [
      [60, 0.788],
      [100, 0.595],
      [177, 0.319],
    ] as const)
      expect(activityFactor(c)).toBeCloseTo(phi, 2);
    expect((activityFactor(81) - activityFactor(79)) / 2).toBeCloseTo(activityFactorSlope(80), 5);
    expect(boundLatentHeat(60, 0)).toBe(latentHeat(60));
    expect(boundLatentHeat(60, Math.log(0.3))).toBeGreaterThan(latentHeat(60) + 3e5);
  });
});

describe('evaporation from a face', () => {
  const transfer = massTransfer(20, SEA_PA);
  it('follows its law, goes on straight beyond boiling, and condenses from wetter air', () => {
    expect(evaporation(transfer, 2000, 2000, SEA_PA)).toBe(0);
    expect(evaporation(transfer, 1000, 2000, SEA_PA)).toBeLessThan(0);
    const at = (share: number): number => evaporation(transfer, share * SEA_PA, 1000, SEA_PA);
    expect(at(0.98) - at(0.975)).toBeCloseTo(at(0.99) - at(0.985), 9);
    expect(at(0.9701) - at(0.9699)).toBeLessThan(2e-4 * SEA_PA * transfer * 34);
  });
  it('balances what arrives from within with what leaves', () => {
    const table = buildActivityTable(
      laboratoryIsotherm({ starch: 0.6, protein: 0.13, fibre: 0.06, mono: 0.03, di: 0.01, ash: 0.02 }),
    );
    const face = new SurfaceFlux(table, 1, 0.4);
    const cell = {
      moisture: 0.35,
      vapour_pa: 18000,
      vapourPerMoisture: 3e4,
      vapourPerKelvin: 800,
      logSaturation: logSaturation(60),
      saturationSlope: 0.046,
      phi: activityFactor(60),
      phiSlope: activityFactorSlope(60),
    };
    const liquid = 1e-3;
    face.solve(cell, liquid, 0, transfer, 1500, SEA_PA);
    const arrives = liquid * (cell.moisture - face.moisture_kg_per_kg);
    expect(face.flux / arrives).toBeCloseTo(1, 2);
    expect(face.moisture_kg_per_kg).toBeLessThan(cell.moisture);
    expect(face.fluxPerMoisture).toBeGreaterThan(0);
  });
  it('a sealed face lets nothing through', () => {
    const face = new SurfaceFlux(
      buildActivityTable(laboratoryIsotherm({ starch: 1, protein: 0, fibre: 0, mono: 0.03, di: 0, ash: 0 })),
      1,
      0.4,
    );
    face.solve(
      {
        moisture: 0.3,
        vapour_pa: 1,
        vapourPerMoisture: 1,
        vapourPerKelvin: 1,
        logSaturation: 1,
        saturationSlope: 1,
        phi: 1,
        phiSlope: 1,
      },
      1,
      1,
      0,
      1000,
      SEA_PA,
    );
    expect([face.flux, face.fluxPerKelvin, face.fluxPerMoisture]).toEqual([0, 0, 0]);
  });
});

describe('the chamber', () => {
  const stage = (set: Stage['set'], door: Stage['door'] = 'shut'): Stage => ({
    duration_s: 1,
    set,
    door,
    support: SUPPORTS['wire-rack'],
    preheated: false,
    events: [],
  });
  const nothing = { heat_W_per_m2: 0, conductance_W_per_m2_K: 0, evaporation_kg_per_m2_s: 0, transfer_kg_per_m2_s_Pa: 0 };
  it('reaches its setpoint and holds it', () => {
    const air = new ChamberAir(builtChamber('static-oven'), ROOM, 0);
    for (let s = 0; s < 3600; s++) air.step(stage(180), 180, 1, nothing);
    expect(air.temperature_c).toBeCloseTo(180, 6);
    expect(air.heater_J).toBeGreaterThan(1e6);
  });
  it('never heats beyond its power', () => {
    const air = new ChamberAir(builtChamber('dehydrator'), ROOM, 0);
    air.step(stage(70), 70, 10, nothing);
    expect(air.heater_J).toBeLessThanOrEqual(builtChamber('dehydrator').heater_W * 10);
  });
  it('cools faster ajar, fastest open', () => {
    const after = (door: Stage['door']): number => {
      const air = new ChamberAir(builtChamber('static-oven'), ROOM, 0);
      air.reset(180);
      for (let s = 0; s < 600; s++) air.step(stage('off', door), null, 1, nothing);
      return air.temperature_c;
    };
    expect(after('ajar')).toBeLessThan(after('shut') - 30);
    expect(after('open')).toBeLessThan(after('ajar'));
  });
  it('grows humid under a wet load, but never beyond saturation', () => {
    const air = new ChamberAir(builtChamber('static-oven'), ROOM, 0.2);
    air.reset(90);
    for (let s = 0; s < 900; s++) air.step(stage(90), 90, 1, { ...nothing, evaporation_kg_per_m2_s: 5e-3 });
    expect(air.vapour_pa).toBeGreaterThan(20000);
    expect(air.vapour_pa).toBeLessThanOrEqual(0.951 * saturationPressure(air.temperature_c));
  });
  it('tells time and energy to heat up, or that it never will', () => {
    expect(preheat(builtChamber('static-oven'), 180, 20).energy_J).toBeGreaterThan(10000 * 160);
    expect(preheat(builtChamber('dehydrator'), 400, 20).time_s).toBe(Infinity);
  });
});

describe('browning', () => {
  const rate = { at150_per_s: 2.4e-3, energy_J_per_mol: 100000, whenDry: 0.08 };
  const after = (c: number, aw: number, minutes: number): number => {
    const browning = new Browning(rate, 1);
    for (let s = 0; s < minutes * 60; s += 10) browning.step(10, c, { surface_c: c, aw }, { surface_c: c, aw });
    return browning.top;
  };
  it('is quicker hot and slower dry', () => {
    expect(after(150, 0.6, 10)).toBeGreaterThan(after(130, 0.6, 10));
    expect(after(120, 0.1, 60)).toBeLessThan(0.2 * after(120, 0.6, 60));
    expect(after(200, 0.6, 600)).toBeLessThanOrEqual(1);
  });
  it('turning swaps the faces', () => {
    const browning = new Browning(rate, 1);
    browning.step(600, 170, { surface_c: 150, aw: 0.6 }, { surface_c: 120, aw: 0.6 });
    const [top, bottom] = [browning.top, browning.bottom];
    browning.turn();
    expect([browning.top, browning.bottom]).toEqual([bottom, top]);
  });
});

describe('classes of food', () => {
  it('mix between their ends', () => {
    const all = Object.entries(mixClasses(FOOD_CLASSES.dough, FOOD_CLASSES.meat, 0));
    for (const [key, value] of all) expect(value / FOOD_CLASSES.dough[key as keyof typeof FOOD_CLASSES.dough]).toBeCloseTo(1, 9);
    const half = mixClasses(FOOD_CLASSES.dough, FOOD_CLASSES.meat, 0.5);
    expect(half.pores).toBeCloseTo(Math.sqrt(0.05 * 0.012), 9);
    expect(half.shrinkThickness).toBeCloseTo(0.375, 9);
  });
});
