import type { LogEntryView } from '@/contract/log';
import { describe, expect, it } from 'vitest';
import { EVERYTHING, filtered, namesIn } from './log-row';

const beside = (inside: boolean) => ({ measured: 1, likely: 1, low: 1, high: 1, inside });
const row = (name: string, more: Partial<LogEntryView> = {}): LogEntryView => ({
  id: name,
  name,
  recipe: 'Hillbars',
  oven: 'Big oven',
  baked_on: '2026-11-01',
  changed_at: '2026-11-01T10:00:00Z',
  forecast: { pieces: 10, snap: 9, texture: 'snaps clean', mass_loss_pct: 40, moisture_pct: 4 },
  measured: null,
  comparison: null,
  ...more,
});
const noted = {
  note: 'Five broke on the score',
  colour: 'brown',
  minutes: null,
  thickness_mm: null,
  dogs: [{ dog: 'Pip', verdict: 'left it' }],
};
const ROWS = [
  row('First go', {
    measured: noted,
    comparison: { pieces: beside(true), loss_pct: beside(false), moisture_pct: null, texture: null },
  }),
  row('Café rusks', { recipe: 'Rusks', oven: 'Small fan oven' }),
  row('Next week', { baked_on: null }),
];
const names = (more: Partial<typeof EVERYTHING>): string[] => filtered(ROWS, { ...EVERYTHING, ...more }).map(({ name }) => name);

describe('finding batches in the log', () => {
  it('by words of name, note, colour and dogs, all of them', () => {
    expect(names({ words: 'BROKE score' })).toEqual(['First go']);
    expect(names({ words: 'pip left' })).toEqual(['First go']);
    expect(names({ words: 'café' })).toEqual(['Café rusks']);
    expect(names({ words: 'broke rusks' })).toEqual([]);
  });
  it('by recipe, oven and how they fell', () => {
    expect(names({ oven: 'Small fan oven' })).toEqual(['Café rusks']);
    expect(names({ recipe: 'Hillbars', state: 'planned' })).toEqual(['Next week']);
    expect(names({ state: 'outside' })).toEqual(['First go']);
    expect(names({ state: 'baked' })).toEqual(['First go', 'Café rusks']);
    expect(namesIn(ROWS, 'oven')).toEqual(['Big oven', 'Small fan oven']);
  });
});
