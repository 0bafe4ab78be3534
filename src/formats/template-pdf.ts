import {
  PDFDocument,
  StandardFonts,
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
import type { Mark, PagePoint, TemplatePage } from './template-pages';

const POINTS_PER_MM = 72 / 25.4;
const STROKE_MM = 0.3;
const ROUND_JOIN = 1;

/** Template pages as one PDF at true size. */
export async function templatePdf(pages: readonly TemplatePage[], title: string): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  for (const page of pages) drawPage(pdf.addPage([page.width_mm * POINTS_PER_MM, page.height_mm * POINTS_PER_MM]), page, font);
  return pdf.save();
}

function drawPage(paper: PDFPage, page: TemplatePage, font: PDFFont): void {
  const { x_mm, y_mm, width_mm, height_mm } = page.window;
  const [left, bottom] = toPaper([x_mm, y_mm + height_mm], page);
  paper.pushOperators(
    pushGraphicsState(),
    rectangle(left, bottom, width_mm * POINTS_PER_MM, height_mm * POINTS_PER_MM),
    clip(),
    endPath(),
  );
  for (const mark of page.sheet) drawMark(paper, mark, page, font);
  paper.pushOperators(popGraphicsState());
  for (const mark of page.around) drawMark(paper, mark, page, font);
}

/** From mm down the page to points up it. */
const toPaper = ([x, y]: PagePoint, { height_mm }: TemplatePage): [number, number] => [
  x * POINTS_PER_MM,
  (height_mm - y) * POINTS_PER_MM,
];

function drawMark(paper: PDFPage, mark: Mark, page: TemplatePage, font: PDFFont): void {
  if (mark.kind === 'text') {
    const [x, y] = toPaper(mark.at, page);
    paper.drawText(printable(mark.text, font), { x, y, size: mark.size_mm * POINTS_PER_MM, font });
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

/** The standard font knows western letters only: others lose their accents, or stand as a question mark. */
function printable(text: string, font: PDFFont): string {
  const known = new Set(font.getCharacterSet());
  const has = (character: string): boolean => known.has(character.codePointAt(0) ?? 0);
  return [...text]
    .map((character) => (has(character) ? character : [...character.normalize('NFKD')].filter(has).join('') || '?'))
    .join('');
}
