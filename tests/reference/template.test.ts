/** Templates at true size: printed to pixels by another program and measured there. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { drawingOf, predict } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import { type Shape } from '@/core/catalogue';
import { type SheetDrawing } from '@/core/yield';
import { cardPages, layoutPages, pageOfSheet, PAPERS, type Paper, type TemplateOf } from '@/formats/template-pages';
import { templatePdf } from '@/formats/template-pdf';
import { templateSvg } from '@/formats/template-svg';
import { PANTRY } from './shipped';

const HILLBARS = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
function templateOf(shape: Shape, name = 'Hillbars'): TemplateOf {
  const worked = predict({ ...HILLBARS, shape }, { pantry: PANTRY }, 'quick');
  if (!worked.ok) throw new Error(worked.message);
  return { name, drawn: drawingOf(worked.value).shape as SheetDrawing, thickness_mm: 6.4 };
}
const DISC: Shape = { method: 'roll-and-cut', thickness_mm: 6.4, cutter: { outline: 'circle', length_mm: 60 } };

const DPI = 300;
const MM_PER_PIXEL = 25.4 / DPI;
type Picture = { readonly width: number; readonly height: number; readonly grey: Uint8Array };

/** Every page as grey pixels. */
function rendered(pdf: Uint8Array): Picture[] {
  const folder = mkdtempSync(join(tmpdir(), 'template-'));
  writeFileSync(join(folder, 't.pdf'), pdf);
  execFileSync('pdftoppm', ['-r', String(DPI), '-gray', join(folder, 't.pdf'), join(folder, 'page')]);
  return readdirSync(folder)
    .filter((file) => file.endsWith('.pgm'))
    .sort()
    .map((file) => {
      const bytes = readFileSync(join(folder, file));
      // P5, width and height, most, then the pixels.
      const [, width, height] = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.toString('latin1', 0, 40)) ?? expect.fail('no picture');
      const pixels = Number(width) * Number(height);
      return { width: Number(width), height: Number(height), grey: bytes.subarray(bytes.length - pixels) };
    });
}

/** Box around the ink within a part of a page, line to line's middle [mm]. */
function inkBox({ width, grey }: Picture, from: readonly [number, number], to: readonly [number, number], stroke_mm = 0.3) {
  const px = (mm: number): number => Math.round(mm / MM_PER_PIXEL);
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let y = px(from[1]); y < px(to[1]); y++)
    for (let x = px(from[0]); x < px(to[0]); x++)
      if (grey[y * width + x] < 128) {
        [left, right] = [Math.min(left, x), Math.max(right, x)];
        [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
      }
  const size = (first: number, last: number): number => (last - first + 1) * MM_PER_PIXEL - stroke_mm;
  return { width_mm: size(left, right), height_mm: size(top, bottom) };
}

describe.each<Paper>(['a4', 'letter'])('printed on %s', (paper) => {
  const { width_mm, height_mm } = PAPERS[paper];
  it('a cutter of 60 mm measures 60 mm, and the ruler 100 mm', async () => {
    const [page, ...more] = rendered(await templatePdf(cardPages(templateOf(DISC), PAPERS[paper]), 'Card'));
    expect(more).toHaveLength(0);
    expect(page.width * MM_PER_PIXEL).toBeCloseTo(width_mm, 0);
    expect(page.height * MM_PER_PIXEL).toBeCloseTo(height_mm, 0);
    const disc = inkBox(page, [10, 21.5], [110, 120]);
    expect(Math.abs(disc.width_mm - 60)).toBeLessThan(0.3);
    expect(Math.abs(disc.height_mm - 60)).toBeLessThan(0.3);
    const ruler = inkBox(page, [5, height_mm - 18], [111.5, height_mm - 10]);
    expect(Math.abs(ruler.width_mm - 100)).toBeLessThan(0.3);
  });
  it('a sheet larger than the paper goes over several pages, nothing lost and nothing twice', () => {
    const template = templateOf(DISC);
    const [roll] = template.drawn.rolls;
    const pages = layoutPages(template, PAPERS[paper]);
    expect(pages.length).toBeGreaterThan(1);
    const covered = pages.reduce((sum, { window }) => sum + window.width_mm * window.height_mm, 0);
    expect(covered).toBeCloseTo(roll.width_mm * roll.length_mm, 3);
    for (const { window } of pages) {
      expect(window.x_mm + window.width_mm).toBeLessThanOrEqual(width_mm - 10 + 1e-6);
      expect(window.y_mm + window.height_mm).toBeLessThanOrEqual(height_mm - 10 + 1e-6);
    }
  });
});

describe('the drawing in mm', () => {
  const coordinates = (svg: string): number[] =>
    [...svg.matchAll(/<path d="M([^"]*)Z"/g)].flatMap(([, path]) => path.split('L').map((point) => Number(point.split(' ')[0])));
  it('is as wide as the paper says and the cutter as wide as it is', () => {
    const svg = templateSvg(cardPages(templateOf(DISC), PAPERS.a4)[0]);
    expect(svg).toContain('width="210mm" height="297mm"');
    const xs = coordinates(svg);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(60, 0);
  });
  it('is one page however large the sheet', () => {
    const template = templateOf(DISC);
    expect(layoutPages(template, pageOfSheet(template))).toHaveLength(1);
  });
  it('shows a half-turned piece half-turned', () => {
    const heart: Shape = { ...DISC, layout: 'tighter', cutter: { outline: 'heart', length_mm: 60 } };
    const template = templateOf(heart);
    const turned = template.drawn.rolls[0].placed.findIndex(({ turn_deg }) => Math.abs(turn_deg - 180) < 1 || turn_deg === 270);
    const { x_mm, y_mm, turn_deg } = template.drawn.rolls[0].placed[Math.max(0, turned)];
    const marks = layoutPages(template, PAPERS.a4)[0].sheet.filter((mark) => mark.kind === 'outline' && !mark.faint);
    const first = marks[Math.max(0, turned)];
    if (first.kind !== 'outline') throw new Error('an outline');
    const [x, y] = template.drawn.outline[0];
    const [c, s] = [Math.cos((turn_deg * Math.PI) / 180), Math.sin((turn_deg * Math.PI) / 180)];
    const { window } = layoutPages(template, PAPERS.a4)[0];
    expect(first.points[0][0] - window.x_mm).toBeCloseTo(x_mm + template.drawn.edge_mm + c * x - s * y, 6);
    expect(first.points[0][1] - window.y_mm).toBeCloseTo(
      template.drawn.rolls[0].length_mm - template.drawn.edge_mm - y_mm - (s * x + c * y),
      6,
    );
  });
  it('keeps names that could be code out of the drawing', () => {
    const svg = templateSvg(cardPages(templateOf(DISC, '<script>&"'), PAPERS.a4)[0]);
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('&lt;script&gt;&amp;&quot;');
  });
  it('prints names of other alphabets as far as the font goes', async () => {
    const pdf = await templatePdf(cardPages(templateOf(DISC, 'Hillbars – Čaj 犬'), PAPERS.a4), 'Card');
    expect(rendered(pdf)).toHaveLength(1);
  });
});
