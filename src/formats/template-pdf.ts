import fontkit from '@cantoo/fontkit';
import {
  PDFDocument,
  clip,
  closePath,
  endPath,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setDashPattern,
  setLineJoin,
  setLineWidth,
  stroke,
  type PDFFont,
  type PDFOperator,
  type PDFPage,
} from '@cantoo/pdf-lib';
import { bytesOf, runWidth, runsOf, type Face } from './label/lettering';
import type { Mark, PagePoint, TemplatePage } from './template-pages';

const POINTS_PER_MM = 72 / 25.4;
const STROKE_MM = 0.3;
const ROUND_JOIN = 1;

/** Faces that the pages' words need, each embedded with its letters only. */
type Fonts = ReadonlyMap<Face, PDFFont>;

/** Template pages as one PDF at true size. */
export async function templatePdf(pages: readonly TemplatePage[], title: string): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  pdf.registerFontkit(fontkit);
  const fonts = new Map<Face, PDFFont>();
  const words = pages.flatMap(({ sheet, around }) => [...sheet, ...around]).filter((mark) => mark.kind === 'text');
  for (const { face } of words.flatMap(({ text }) => runsOf(text, false).runs))
    if (!fonts.has(face)) fonts.set(face, await pdf.embedFont(bytesOf(face), { subset: true }));
  for (const page of pages) drawPage(pdf.addPage([page.width_mm * POINTS_PER_MM, page.height_mm * POINTS_PER_MM]), page, fonts);
  return pdf.save();
}

function drawPage(paper: PDFPage, page: TemplatePage, fonts: Fonts): void {
  const { x_mm, y_mm, width_mm, height_mm } = page.window;
  const [left, bottom] = toPaper([x_mm, y_mm + height_mm], page);
  paper.pushOperators(
    pushGraphicsState(),
    rectangle(left, bottom, width_mm * POINTS_PER_MM, height_mm * POINTS_PER_MM),
    clip(),
    endPath(),
  );
  for (const mark of page.sheet) drawMark(paper, mark, page, fonts);
  paper.pushOperators(popGraphicsState());
  for (const mark of page.around) drawMark(paper, mark, page, fonts);
}

/** From mm down the page to points up it. */
const toPaper = ([x, y]: PagePoint, { height_mm }: TemplatePage): [number, number] => [
  x * POINTS_PER_MM,
  (height_mm - y) * POINTS_PER_MM,
];

function drawMark(paper: PDFPage, mark: Mark, page: TemplatePage, fonts: Fonts): void {
  if (mark.kind === 'text') {
    const [x, y] = toPaper(mark.at, page);
    const size = mark.size_mm * POINTS_PER_MM;
    runsOf(mark.text, false).runs.reduce((from, run) => {
      const font = fonts.get(run.face);
      if (font) paper.drawText(run.text, { x: from, y, size, font });
      return from + runWidth(run, size);
    }, x);
    return;
  }
  const points = (mark.kind === 'line' ? [mark.from, mark.to] : mark.points).map((point) => toPaper(point, page));
  const faint = mark.kind === 'outline' && mark.faint === true;
  const [[x0, y0], ...rest] = points;
  const path: PDFOperator[] = [moveTo(x0, y0), ...rest.map(([x, y]) => lineTo(x, y))];
  paper.pushOperators(
    pushGraphicsState(),
    setLineWidth((faint ? STROKE_MM / 2 : STROKE_MM) * POINTS_PER_MM),
    setLineJoin(ROUND_JOIN),
    ...(faint ? [setDashPattern([2 * POINTS_PER_MM, 2 * POINTS_PER_MM], 0)] : []),
    ...path,
    ...(mark.kind === 'outline' ? [closePath()] : []),
    stroke(),
    popGraphicsState(),
  );
}
