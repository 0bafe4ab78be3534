import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { drawingOf, type Drawing } from './drawing';
import { predict } from './predict';
import { type BatchDocument } from '../document';
import { type Prediction } from './prediction';

const example = (name: string): BatchDocument => JSON.parse(readFileSync(`examples/${name}.batch.json`, 'utf8')) as BatchDocument;
function draw(document: BatchDocument): { drawing: Drawing; prediction: Prediction } {
  const worked = predict(document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return { drawing: drawingOf(worked.value), prediction: worked.value.prediction };
}
const HILLBARS = example('hillbars');
const hillbars = draw(HILLBARS);

describe('the cut-through', () => {
  const { cutThrough } = hillbars.drawing;
  it('has a row per recorded moment, in order, over the whole programme', () => {
    expect(cutThrough.moisture_pct).toHaveLength(cutThrough.minutes.length * cutThrough.cells);
    expect(cutThrough.minutes[0]).toBe(0);
    expect(cutThrough.minutes.at(-1)).toBeCloseTo(hillbars.prediction.heat.minutes, 6);
    for (let i = 1; i < cutThrough.minutes.length; i++) expect(cutThrough.minutes[i]).toBeGreaterThan(cutThrough.minutes[i - 1]);
  });
  it('starts as wet and as thick as the dough', () => {
    expect(cutThrough.moisture_pct[0]).toBeCloseTo(hillbars.prediction.dough.water_pct, 0);
    const first = cutThrough.height_mm.slice(0, cutThrough.cells).reduce((a, b) => a + b);
    expect(first).toBeCloseTo(hillbars.prediction.yield.piece_thickness_mm, 6);
  });
});

describe('what is reached when', () => {
  const minutes = Object.fromEntries(hillbars.prediction.heat.reached.map(({ what, minute }) => [what, minute]));
  it('hot before dry, dry before the end, never too dark', () => {
    expect(minutes['hot-enough']).toBeGreaterThan(2);
    expect(minutes['heart-dry']).toBeGreaterThan(minutes['hot-enough'] ?? Infinity);
    expect(minutes['heart-dry']).toBeLessThan(hillbars.prediction.heat.minutes);
    expect(minutes['too-dark']).toBeNull();
  });
  it('a short bake never snaps', () => {
    const { prediction } = draw({
      ...HILLBARS,
      heat: { ...HILLBARS.heat, steps: [{ do: 'hold', setpoint_c: 170, minutes: 8 }] },
    });
    expect(prediction.heat.reached.find(({ what }) => what === 'snaps-when-cold')?.minute).toBeNull();
  });
  it('Snap at the end of the picture is the Snap that comes out', () =>
    expect(hillbars.prediction.heat.timeline.at(-1)?.snap).toBeCloseTo(hillbars.prediction.outcome.snap, 9));
});

describe('sheets, pans and trays', () => {
  it('draw every piece that is counted from the rolls', () => {
    const { shape: sheets } = hillbars.drawing;
    if (sheets.kind !== 'sheet') throw new Error('a rolled batch');
    const cut = sheets.rolls.reduce((sum, { pieces }) => sum + pieces, 0);
    expect(cut + sheets.pressed).toBe(hillbars.prediction.yield.pieces);
    expect(sheets.tray.placed).toHaveLength(hillbars.prediction.yield.per_tray);
    for (const { placed, sheets: count, pieces } of sheets.rolls) expect(placed.length * count).toBeGreaterThanOrEqual(pieces);
  });
  it('a slab shows its columns and rows', () => {
    const { drawing, prediction } = draw(example('malt-grain-batons'));
    if (drawing.shape.kind !== 'slab') throw new Error('a scored batch');
    const { columns, rows, pans, lastRows } = drawing.shape;
    expect(columns * (rows * (lastRows > 0 ? pans - 1 : pans) + lastRows)).toBe(prediction.yield.pieces);
  });
});

describe('life curves', () => {
  it('start at the moisture that comes out, one per pack', () => {
    const { lifeCurves } = hillbars.drawing;
    expect(lifeCurves).toHaveLength(HILLBARS.pack?.length ?? 0);
    for (const { points } of lifeCurves) {
      expect(points[0].day).toBe(0);
      expect(points[0].moisture_pct).toBeCloseTo(hillbars.prediction.outcome.moisture_pct, 1);
      expect(points.length).toBeLessThan(70);
    }
  });
  it('dry treats take water up in a damp room, fastest in the open bowl', () => {
    const [jar, zip, bowl] = hillbars.drawing.lifeCurves;
    const after = (days: number, { points }: (typeof hillbars.drawing.lifeCurves)[number]): number =>
      points.filter(({ day }) => day <= days).at(-1)?.moisture_pct ?? 0;
    expect(after(10, bowl)).toBeGreaterThan(after(10, zip));
    expect(after(60, zip)).toBeGreaterThan(after(60, jar));
  });
  it('the line of mould lies above the line of softening for a biscuit', () => {
    const [{ softens_pct, moulds_pct }] = hillbars.drawing.lifeCurves;
    expect(moulds_pct).toBeGreaterThan(softens_pct);
  });
});

describe('water and feel', () => {
  it('what stays is what the outcome says', () => {
    const { start_g, end_g, solids_g } = hillbars.drawing.water;
    expect(start_g + solids_g).toBeCloseTo(hillbars.prediction.dough.mass_g, 6);
    expect((100 * end_g) / (end_g + solids_g)).toBeCloseTo(hillbars.prediction.outcome.moisture_pct, 9);
  });
  it('what would make it roll does', () => {
    const [fix] = hillbars.drawing.feel.fixes;
    const ingredients = HILLBARS.recipe.ingredients.map((line) =>
      line.ingredient === fix.ingredient
        ? { ...line, amount: line.amount + fix.mass_g / hillbars.prediction.dough.factor }
        : line,
    );
    const { prediction } = draw({ ...HILLBARS, recipe: { ...HILLBARS.recipe, ingredients } });
    expect(prediction.dough.feel_index).toBeCloseTo(0.9, 2);
  });
  it('a picture crosses to the page as plain data', () => expect(structuredClone(hillbars.drawing)).toEqual(hillbars.drawing));
});
