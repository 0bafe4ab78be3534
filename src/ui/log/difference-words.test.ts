import type { LogEntryView } from '@/contract/log';
import { describe, expect, it } from 'vitest';
import { evenLine, lossByOven } from './chart-points';
import { differenceWords } from './difference-words';

const say = (path: ReadonlyArray<string | number>, one: unknown, other: unknown): string =>
  differenceWords({ path, one, other }, (id) => (id === 'egg_whole' ? 'whole egg' : id));

describe('what was done otherwise, in words', () => {
  it('names steps by their number and ingredients by their name', () => {
    expect(say(['heat', 'steps', 2, 'minutes'], 65, 95)).toBe('heat, step 3, minutes: 65 min, then 95 min');
    expect(say(['recipe', 'ingredients', 'egg_whole', 'amount'], 1, 2)).toBe('recipe, whole egg, amount: 1, then 2');
    expect(say(['heat', 'appliance', 'thermostat_offset_c'], 0, 8)).toBe('heat, oven, air above its dial: 0 °C, then 8 °C');
    expect(say(['shape', 'thickness_mm'], 6, 8)).toBe('shape, thickness: 6 mm, then 8 mm');
  });
  it('tells what was not there, and small things whole', () => {
    expect(say(['heat', 'appliance', 'pace'], undefined, 0.81)).toBe('heat, oven, known pace: nothing, then 0.81');
    expect(say(['scale'], { by: 'factor', factor: 1 }, { by: 'pieces', pieces: 120 })).toBe(
      'how much: factor 1, then pieces 120',
    );
  });
});

describe('predicted against measured', () => {
  const row = (oven: string | null, likely: number, measured: number): LogEntryView => ({
    id: `${likely}`,
    name: `${likely}`,
    recipe: null,
    oven,
    baked_on: '2026-11-01',
    changed_at: '',
    forecast: { pieces: 1, snap: 1, texture: '', mass_loss_pct: 1, moisture_pct: 1 },
    measured: null,
    comparison: {
      pieces: null,
      loss_pct: { measured, likely, low: 0, high: 99, inside: true },
      moisture_pct: null,
      texture: null,
    },
  });
  it('is told oven by oven, on a line that holds them all', () => {
    const series = lossByOven([
      row('Big oven', 40, 37.26),
      row(null, 50, 52),
      row('Big oven', 41, 39),
      { ...row('x', 1, 1), comparison: null },
    ]);
    expect(series.map(({ name, data }) => [name, data.length])).toEqual([
      ['Big oven', 2],
      ['another oven', 1],
    ]);
    expect(series[0].data[0]).toMatchObject({ x: 40, y: 37.3 });
    expect(evenLine(series)).toEqual([30, 60]);
  });
});
