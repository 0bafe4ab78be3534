import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import type { StageTimes } from '@/core/calls';
import type { ReadingRow } from '@/db/readings';
import { thermometer } from './thermometer';

const BEGAN = new Date('2026-11-28T09:00:00Z');
const IN: StageTimes = { stage: 0, in: BEGAN.getTime() / 60_000, out: null };
const document = {
  heat: {
    appliance: { kind: 'static-oven', thermostat_offset_c: -8 },
    steps: [
      { do: 'hold', setpoint_c: 175, minutes: 40 },
      { do: 'turn' },
      { do: 'hold', setpoint_c: 110, minutes: 60 },
      { do: 'off', minutes: 60 },
    ],
  },
} as unknown as BatchDocument;
const read = (...rows: ReadonlyArray<readonly [minute: number, value: number, kind?: ReadingRow['kind']]>): ReadingRow[] =>
  rows.map(([minute, value, kind = 'air_c'], i) => ({
    id: String(i),
    at: new Date(BEGAN.getTime() + minute * 60_000),
    kind,
    value,
    source: 'file',
  }));

describe('a thermometer in the oven', () => {
  it('is held against the air that each setpoint should give, once that has settled', () => {
    // 167 and 102 are what this dial is known to give; it read 4 more. The swing after the door and the dead oven count for nothing.
    const readings = read([2, 120], [15, 171], [30, 171], [45, 150], [60, 106], [90, 106], [140, 60]);
    expect(thermometer(document, IN, readings)).toBeCloseTo(4, 9);
  });
  it('says nothing from too few readings, or from a core', () => {
    expect(thermometer(document, IN, read([15, 171], [30, 171]))).toBeNull();
    expect(thermometer(document, IN, read([15, 60, 'core_c'], [20, 62, 'core_c'], [30, 64, 'core_c']))).toBeNull();
  });
  it('is held against the dial of the appliance that the trays were moved to', () => {
    const moved = {
      heat: {
        ...document.heat,
        steps: [
          ...document.heat.steps,
          { do: 'move', appliance: { kind: 'dehydrator', thermostat_offset_c: 2 } },
          { do: 'hold', setpoint_c: 60, minutes: 200 },
        ],
      },
    } as unknown as BatchDocument;
    const readings = read([15, 171], [180, 60], [220, 61], [260, 60], [300, 62]);
    expect(thermometer(moved, { stage: 1, in: BEGAN.getTime() / 60_000 + 165, out: null }, readings)).toBeCloseTo(-1.25, 9);
    expect(thermometer(moved, { stage: 2, in: null, out: null }, readings)).toBeNull();
  });
});
