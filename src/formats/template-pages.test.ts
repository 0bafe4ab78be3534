/** Pages of a template: what is where, before any printer sees it. */
import { describe, expect, it } from 'vitest';
import type { SheetDrawing } from '@/core/yield';
import { PAPERS, cardPages, layoutPages, pageOfSheet, type Mark, type TemplateOf } from './template-pages';

const square = (half: number): Array<readonly [number, number]> => [
  [-half, -half],
  [half, -half],
  [half, half],
  [-half, half],
];
const drawn: SheetDrawing = {
  kind: 'sheet',
  outline: square(30),
  miniOutline: square(8),
  edge_mm: 10,
  gap_mm: 4,
  pressed: 0,
  provisional: false,
  tray: { outline: square(30), hole_mm: 0, width_mm: 400, depth_mm: 300, margin_mm: 10, placed: [] },
  rolls: [
    {
      width_mm: 300,
      length_mm: 400,
      sheets: 1,
      pieces: 2,
      minis: 1,
      placed: [
        { x_mm: 30, y_mm: 30, turn_deg: 0 },
        { x_mm: 250, y_mm: 350, turn_deg: 90 },
      ],
      minisPlaced: [{ x_mm: 100, y_mm: 30, turn_deg: 0 }],
    },
  ],
};
const template: TemplateOf = { name: 'Squares', drawn, thickness_mm: 6 };
const outlines = (marks: readonly Mark[]): Array<Extract<Mark, { kind: 'outline' }>> =>
  marks.flatMap((mark) => (mark.kind === 'outline' && !mark.faint ? [mark] : []));
const texts = (marks: readonly Mark[]): string => marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])).join(' ');

describe('the cutter card', () => {
  const [page, ...more] = cardPages(template, PAPERS.a4);
  it('holds both cutters side by side on one page', () => {
    expect(more).toEqual([]);
    const [large, mini] = outlines(page.sheet);
    const right = Math.max(...large.points.map(([x]) => x));
    expect(right - Math.min(...large.points.map(([x]) => x))).toBeCloseTo(60, 9);
    expect(Math.min(...mini.points.map(([x]) => x))).toBeGreaterThan(right);
  });
  it('says whose it is, how large, and how to print it', () => {
    expect(texts(page.around)).toMatch(/Squares · cutter 60 x 60 mm, dough 6\.0 mm/);
    expect(texts(page.around)).toContain('100 %');
    expect(texts(page.around)).not.toContain('Page 1');
  });
  it('has a ruler of 100 mm with a tick each centimetre', () => {
    const lines = page.around.flatMap((mark) => (mark.kind === 'line' ? [mark] : []));
    expect(Math.max(...lines.map(({ from, to }) => Math.abs(to[0] - from[0])))).toBe(100);
    expect(lines).toHaveLength(12);
  });
});

describe('the sheet', () => {
  it('goes over as many pages as it needs, each told its place', () => {
    const pages = layoutPages(template, PAPERS.a4);
    expect(pages).toHaveLength(4);
    pages.forEach(({ around }, i) => expect(texts(around)).toContain(`Page ${i + 1} of 4`));
    expect(texts(pages[3].around)).toContain('row 2, column 2');
  });
  it('stands as it is cut: low on the sheet is low on the paper', () => {
    const [page] = layoutPages(template, pageOfSheet(template));
    const [low, high] = outlines(page.sheet).map(({ points }) => points.reduce((sum, [, y]) => sum + y, 0) / points.length);
    expect(low - high).toBeCloseTo(320, 9);
    expect(outlines(page.sheet)).toHaveLength(3);
  });
  it('keeps a piece that two pages share in one piece when they are joined', () => {
    const [first, second] = layoutPages(template, PAPERS.a4);
    const at = (page: typeof first): number => outlines(page.sheet)[0].points[0][0] - page.window.x_mm;
    expect(at(first) - at(second)).toBeCloseTo(first.window.width_mm, 9);
  });
});
