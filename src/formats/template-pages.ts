import { counted } from '@/core/quantities';
import type { SheetDrawing } from '@/core/yield';

/** Papers that home printers take [mm]. */
export const PAPERS = {
  a4: { name: 'A4', width_mm: 210, height_mm: 297 },
  letter: { name: 'Letter', width_mm: 215.9, height_mm: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;
type Page = { readonly width_mm: number; readonly height_mm: number };

export type PagePoint = readonly [x_mm: number, y_mm: number];
/** A thing on a page; x to the right, y down from the upper left corner [mm]. */
export type Mark =
  | { readonly kind: 'outline'; readonly points: readonly PagePoint[]; readonly faint?: boolean }
  | { readonly kind: 'line'; readonly from: PagePoint; readonly to: PagePoint }
  | { readonly kind: 'text'; readonly at: PagePoint; readonly size_mm: number; readonly text: string };

/** One printed page; `window` is what marks of the sheet are cut off at. */
export type TemplatePage = {
  readonly width_mm: number;
  readonly height_mm: number;
  readonly window: { readonly x_mm: number; readonly y_mm: number; readonly width_mm: number; readonly height_mm: number };
  readonly sheet: readonly Mark[];
  readonly around: readonly Mark[];
};

const MARGIN_MM = 10;
const HEAD_MM = 11;
const RULER_MM = 100;
/** Room for the ruler at the foot [mm]. */
const FOOT_MM = 15;
const SPACE_MM = 6;

type Outline = SheetDrawing['outline'];
/** What is printed: the cutters themselves to be cut out of card, or the whole sheet as it is laid. */
export type TemplateOf = { readonly name: string; readonly drawn: SheetDrawing; readonly thickness_mm: number };

/** The cutters at true size, to be cut out of card: the large one, and the mini one when there is one. */
export function cardPages({ name, drawn, thickness_mm }: TemplateOf, page: Page): TemplatePage[] {
  const pieces = [drawn.outline, ...(drawn.miniOutline ? [drawn.miniOutline] : [])].map((outline) => ({
    outline,
    ...sizeOf(outline),
  }));
  const all_w = pieces.reduce((sum, { width_mm }) => sum + width_mm + SPACE_MM, 0);
  const tallest = Math.max(...pieces.map(({ height_mm }) => height_mm));
  let left = SPACE_MM;
  const marks = pieces.map(({ outline, width_mm, height_mm }): Mark => {
    const at: PagePoint = [left + width_mm / 2, SPACE_MM + height_mm / 2];
    left += width_mm + SPACE_MM;
    return { kind: 'outline', points: place(outline, at, 0) };
  });
  const { width_mm, height_mm } = pieces[0];
  const note = `${name} · cutter ${width_mm.toFixed(0)} x ${height_mm.toFixed(0)} mm, dough ${thickness_mm.toFixed(1)} mm`;
  return tile(marks, all_w + SPACE_MM, tallest + 2 * SPACE_MM, page, note, false);
}

/** The first roll as it is laid, at true size: pricked through the paper, or cut along it. */
export function layoutPages({ name, drawn, thickness_mm }: TemplateOf, page: Page): TemplatePage[] {
  const roll = drawn.rolls[0];
  const put = (outline: Outline, placed: typeof roll.placed): Mark[] =>
    placed.map(({ x_mm, y_mm, turn_deg }) => ({
      kind: 'outline',
      points: place(outline, [x_mm + drawn.edge_mm, roll.length_mm - drawn.edge_mm - y_mm], turn_deg),
    }));
  const edge: Mark = { kind: 'outline', points: box(0, 0, roll.width_mm, roll.length_mm), faint: true };
  const marks = [
    edge,
    ...put(drawn.outline, roll.placed),
    ...(drawn.miniOutline ? put(drawn.miniOutline, roll.minisPlaced) : []),
  ];
  const note = `${name} · ${counted(Math.ceil(roll.pieces / roll.sheets), 'piece')} on ${roll.width_mm.toFixed(0)} x ${roll.length_mm.toFixed(0)} mm, rolled ${thickness_mm.toFixed(1)} mm`;
  return tile(marks, roll.width_mm, roll.length_mm, page, note, true);
}

/** The kinds of template, by what is cut along them. */
export const TEMPLATES = { cutter: cardPages, sheet: layoutPages } as const;
export type Template = keyof typeof TEMPLATES;

/** A page as large as the first roll, for a plotter or a screen: nothing is tiled. */
export const pageOfSheet = ({ drawn }: TemplateOf): Page => ({
  width_mm: drawn.rolls[0].width_mm + 2 * MARGIN_MM,
  height_mm: drawn.rolls[0].length_mm + 2 * MARGIN_MM + HEAD_MM + FOOT_MM,
});

const sizeOf = (outline: Outline): { width_mm: number; height_mm: number } => {
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  return { width_mm: Math.max(...xs) - Math.min(...xs), height_mm: Math.max(...ys) - Math.min(...ys) };
};

/** An outline turned and put on a page: up on the sheet is up on the paper, where y runs down. */
function place(outline: Outline, [x0, y0]: PagePoint, turn_deg: number): PagePoint[] {
  const [c, s] = [Math.cos((turn_deg * Math.PI) / 180), Math.sin((turn_deg * Math.PI) / 180)];
  return outline.map(([x, y]) => [x0 + c * x - s * y, y0 - (s * x + c * y)] as const);
}

const box = (x: number, y: number, w: number, h: number): PagePoint[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];

/** Cuts a sheet into pages. Every page has the ruler; pages of a larger sheet say which neighbours they join. */
// oxlint-disable-next-line max-params -- older than the rule
function tile(
  marks: readonly Mark[],
  width_mm: number,
  height_mm: number,
  page: Page,
  note: string,
  frame: boolean,
): TemplatePage[] {
  const [free_w, free_h] = [page.width_mm - 2 * MARGIN_MM, page.height_mm - 2 * MARGIN_MM - HEAD_MM - FOOT_MM];
  const [columns, rows] = [Math.ceil(width_mm / free_w - 1e-9), Math.ceil(height_mm / free_h - 1e-9)];
  const pages: TemplatePage[] = [];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const [x0, y0] = [column * free_w, row * free_h];
      const shown = { w: Math.min(free_w, width_mm - x0), h: Math.min(free_h, height_mm - y0) };
      const window = { x_mm: MARGIN_MM, y_mm: MARGIN_MM + HEAD_MM, width_mm: shown.w, height_mm: shown.h };
      const many = rows * columns > 1;
      const where = many
        ? `Page ${pages.length + 1} of ${rows * columns}: row ${row + 1}, column ${column + 1}. Trim at the frame and join.`
        : '';
      pages.push({
        width_mm: page.width_mm,
        height_mm: page.height_mm,
        window,
        sheet: marks.map((mark) => moved(mark, window.x_mm - x0, window.y_mm - y0)),
        around: [
          { kind: 'text', at: [MARGIN_MM, MARGIN_MM + 4], size_mm: 4, text: note },
          {
            kind: 'text',
            at: [MARGIN_MM, MARGIN_MM + 8.5],
            size_mm: 3,
            text: `${where} Print at 100 %, not fitted to the page.`.trim(),
          },
          ...(frame && many
            ? [{ kind: 'outline' as const, points: box(window.x_mm, window.y_mm, shown.w, shown.h), faint: true }]
            : []),
          ...ruler(MARGIN_MM, page.height_mm - MARGIN_MM - 2),
        ],
      });
    }
  return pages;
}

const shift = ([x, y]: PagePoint, dx: number, dy: number): PagePoint => [x + dx, y + dy];
function moved(mark: Mark, dx: number, dy: number): Mark {
  switch (mark.kind) {
    case 'outline':
      return { ...mark, points: mark.points.map((point) => shift(point, dx, dy)) };
    case 'line':
      return { ...mark, from: shift(mark.from, dx, dy), to: shift(mark.to, dx, dy) };
    case 'text':
      return { ...mark, at: shift(mark.at, dx, dy) };
  }
}

/** A line of 100 mm with a tick each centimetre, to be measured after printing. */
function ruler(x: number, y: number): Mark[] {
  const ticks = Array.from({ length: RULER_MM / 10 + 1 }, (_, i): Mark => {
    const long = i % 5 === 0 ? 5 : 3;
    return { kind: 'line', from: [x + 10 * i, y], to: [x + 10 * i, y - long] };
  });
  return [
    { kind: 'line', from: [x, y], to: [x + RULER_MM, y] },
    ...ticks,
    {
      kind: 'text',
      at: [x + RULER_MM + 4, y],
      size_mm: 3.2,
      text: 'This line is 100 mm long. If yours is not, set the printer to 100 %.',
    },
  ];
}
