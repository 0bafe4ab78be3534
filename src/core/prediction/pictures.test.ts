/** What is drawn of each way of shaping says the same as what is counted. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { gapFromCut } from './hand-gap';
import { predict } from './predict';
import type { PredictionRun } from './prediction-run';
import { type BatchDocument } from '../document';
import { shapeDrawing, type ShapeDrawing, Known } from '../yield';

const recipe = (name: string): BatchDocument =>
  JSON.parse(readFileSync(`data/recipes/${name}.batch.json`, 'utf8')) as BatchDocument;
function worked(document: BatchDocument): PredictionRun {
  const result = predict(document, { pantry: PANTRY }, 'quick');
  if (!result.ok) throw new Error(result.message);
  return result.value;
}
function drawn<K extends ShapeDrawing['kind']>(
  name: string,
  kind: K,
): { drawing: Extract<ShapeDrawing, { kind: K }>; worked: PredictionRun } {
  const all = worked(recipe(name));
  const drawing = shapeDrawing(all.shape, all.out);
  if (drawing.kind !== kind) throw new Error(`${name} is drawn as ${drawing.kind}`);
  return { drawing: drawing as Extract<ShapeDrawing, { kind: K }>, worked: all };
}

describe('what is drawn', () => {
  it.each(['cottage-parsley-buttons', 'duck-lentil-marbles', 'pear-moons', 'carob-swirls'])(
    '%s: a full tray, inside its margin',
    (name) => {
      const { drawing, worked: all } = drawn(name, 'loose');
      const { placed, width_mm, depth_mm, margin_mm, outline } = drawing.tray;
      expect(placed).toHaveLength(all.out.perTray);
      const reach = Math.max(...outline.map(([x]) => x));
      for (const { x_mm, y_mm } of placed) {
        expect(x_mm - reach).toBeGreaterThan(-0.2);
        expect(x_mm + reach).toBeLessThan(width_mm - 2 * margin_mm + 0.2);
        expect(y_mm).toBeLessThan(depth_mm - 2 * margin_mm);
      }
    },
  );
  it('a ring has its hole, and what is cut away is told', () => {
    const { drawing, worked: all } = drawn('pear-moons', 'loose');
    expect(drawing.tray.hole_mm).toBe(22);
    const { peel_g, core_g, ends_g, left_g } = drawing.cutAway ?? expect.fail('nothing cut away');
    expect(peel_g + core_g + ends_g + left_g).toBeCloseTo(all.out.scrap_g, 6);
  });
  it('a spiral’s sheet has the volume of its log', () => {
    const { log, rollUp } = drawn('carob-swirls', 'loose').drawing;
    if (!log || !rollUp) throw new Error('no spiral');
    const log_mm3 = (Math.PI / 4) * log.diameter_mm ** 2 * log.log_mm;
    expect(rollUp.width_mm * rollUp.length_mm * rollUp.thickness_mm).toBeCloseTo(log_mm3, 3);
    expect(log.log_mm).toBeLessThanOrEqual(300);
  });
  it.each(['turkey-courgette-mat-bits', 'turkey-courgette-muffins', 'kefir-melon-drops'])(
    '%s: full ones and the last hold every piece',
    (name) => {
      const { drawing, worked: all } = drawn(name, 'hollows');
      expect(drawing.full * drawing.cavities + drawing.last).toBe(all.out.pieces);
      expect(drawing.last).toBeLessThan(drawing.cavities);
    },
  );
  it('a cake is as high as its layers, what lies between them and its coats', () => {
    const { layers, layer_mm, coats_mm, frosting, outline, width_mm } = drawn('gotcha-day-cake', 'cake').drawing;
    expect(frosting.height_mm).toBeCloseTo(
      layers * layer_mm + (layers - 1) * coats_mm.between + coats_mm.crumb + coats_mm.coat,
      9,
    );
    expect(2 * Math.max(...outline.map(([x]) => x))).toBeCloseTo(width_mm, 0);
  });
  it('a sheet tells the gap that counted', () => {
    const hearts = recipe('carob-carrot-hearts');
    const gap = (document: BatchDocument): number => {
      const all = worked(document);
      const drawing = shapeDrawing(all.shape, all.out);
      return drawing.kind === 'sheet' ? drawing.gap_mm : NaN;
    };
    expect(gap(hearts)).toBe(3);
    const byHand = { ...hearts, shape: { ...hearts.shape, gap_mm: undefined } } as unknown as BatchDocument;
    expect(gap({ ...byHand, kitchen: { hand_gap_mm: 6.5 } })).toBe(6.5);
    expect(gap(byHand)).toBe(4.5);
  });
});

describe('the hand’s gap from a count', () => {
  const hearts = recipe('carob-carrot-hearts');
  const cutAt = (gap_mm: number): number =>
    worked({ ...hearts, shape: { ...hearts.shape, gap_mm } as BatchDocument['shape'] }).prediction.yield.first_roll?.pieces ??
    NaN;
  it('gives that count again', () => {
    for (const gap of [2, 5, 8]) {
      const read = gapFromCut(hearts, { pantry: PANTRY }, cutAt(gap));
      expect(read.ok && cutAt(read.value)).toBe(cutAt(gap));
    }
  });
  it('is for rolled dough only', () =>
    expect(gapFromCut(recipe('pear-moons'), { pantry: PANTRY }, 20)).toMatchObject({ ok: false, path: 'shape.method' }));
});

describe('what is known already', () => {
  it('keeps the last few answers', () => {
    const known = new Known<number>(2);
    known.put('a', 1);
    known.put('b', 2);
    known.put('c', 3);
    expect(['a', 'b', 'c'].map((question) => known.get(question))).toEqual([undefined, 2, 3]);
  });
});
