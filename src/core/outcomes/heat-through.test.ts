import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import type { BatchDocument } from '../document';
import { predict } from '../prediction';
import { heatedThrough } from './heat-through';

const KITCHEN = { pantry: PANTRY };
const read = (name: string): BatchDocument =>
  JSON.parse(readFileSync(`data/recipes/${name}.batch.json`, 'utf8')) as BatchDocument;
const OVEN = { kind: 'fan-oven' } as const;
const raw = (document: BatchDocument) => {
  const worked = predict(document, KITCHEN, 'light');
  if (!worked.ok) throw new Error(worked.message);
  return worked.value.prediction.heat.raw;
};

const strips = read('lamb-liver-strips');
const fromRaw: BatchDocument = {
  ...strips,
  heat: { appliance: { kind: 'dehydrator' }, steps: [{ do: 'hold', setpoint_c: 68, minutes: 300 }] },
};

describe('what lifts "not hot enough while it is wet"', () => {
  it('raw strips in a drier: an oven first, then the drier as it was', () => {
    expect(raw(fromRaw)?.kill_step).not.toBe('while-wet');
    const heat = heatedThrough(fromRaw, KITCHEN, OVEN);
    expect(heat?.appliance).toEqual(OVEN);
    expect(heat?.steps.slice(1)).toEqual([{ do: 'move', appliance: { kind: 'dehydrator' } }, ...fromRaw.heat.steps]);
    expect(raw({ ...fromRaw, heat: heat ?? fromRaw.heat })?.kill_step).toBe('while-wet');
  });
  it('a freeze dryer is no other than a drier', () => {
    const cubes = read('freeze-dried-salmon-cubes');
    const moved = cubes.heat.steps.findIndex((step) => step.do === 'move');
    const never: BatchDocument = {
      ...cubes,
      heat: { appliance: { kind: 'freeze-dryer' }, steps: cubes.heat.steps.slice(moved + 1) },
    };
    expect(raw(never)?.kill_step).toBe('none');
    const heat = heatedThrough(never, KITCHEN, OVEN);
    expect(raw({ ...never, heat: heat ?? never.heat })?.kill_step).toBe('while-wet');
  });
  it('a bake that is too short is preceded in its own oven', () => {
    const squares = read('lamb-liver-squares');
    const short: BatchDocument = { ...squares, heat: { ...squares.heat, steps: [{ do: 'hold', setpoint_c: 120, minutes: 6 }] } };
    expect(heatedThrough(short, KITCHEN, OVEN)?.appliance).toEqual(squares.heat.appliance);
  });
  it('nothing where it is hot enough, or nothing raw is in it', () => {
    expect(heatedThrough(strips, KITCHEN, OVEN)).toBeNull();
    expect(heatedThrough(read('pear-moons'), KITCHEN, OVEN)).toBeNull();
  });
});
