import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from '@cantoo/pdf-lib';
import { PAPERS, type Paper } from '../template-pages';
import { bytesOf, runWidth, runsOf, type Face } from './lettering';
import type { LaidLabel } from './label-layout';

const POINTS_PER_MM = 72 / 25.4;
/** Home printers leave this much white, and scissors want this much between two labels [mm]. */
const EDGE_MM = 8;
const GAP_MM = 2;
const INK = rgb(0, 0, 0);
const FAINT = rgb(0.7, 0.7, 0.7);

/** Where labels go: each on a page of its own size, or many on a sheet of paper. */
export type LabelSheet = 'single' | Paper;

/** How many labels a sheet takes. */
export function perSheet(
  { width_mm, height_mm }: Pick<LaidLabel, 'width_mm' | 'height_mm'>,
  paper: Paper,
): { columns: number; rows: number } {
  const page = PAPERS[paper];
  const fit = (room: number, side: number): number => Math.floor((room - 2 * EDGE_MM + GAP_MM) / (side + GAP_MM) + 1e-9);
  return { columns: fit(page.width_mm, width_mm), rows: fit(page.height_mm, height_mm) };
}

/** Labels as a PDF at true size; a sheet has faint cutting lines. */
export async function labelPdf(label: LaidLabel, count: number, sheet: LabelSheet, title: string): Promise<Uint8Array> {
  const pdf = await PDFDocument.create();
  pdf.setTitle(title);
  pdf.registerFontkit(fontkit);
  const draw = await drawer(pdf, label);
  if (sheet === 'single')
    for (let i = 0; i < count; i++) draw(pdf.addPage([label.width_mm * POINTS_PER_MM, label.height_mm * POINTS_PER_MM]), 0, 0);
  else {
    const paper = PAPERS[sheet];
    const { columns, rows } = perSheet(label, sheet);
    const each = Math.max(1, columns * rows);
    for (let first = 0; first < count; first += each) {
      const page = pdf.addPage([paper.width_mm * POINTS_PER_MM, paper.height_mm * POINTS_PER_MM]);
      for (let i = 0; i < Math.min(each, count - first); i++) {
        const x = EDGE_MM + (i % columns) * (label.width_mm + GAP_MM);
        const y = EDGE_MM + Math.floor(i / columns) * (label.height_mm + GAP_MM);
        outline(page, x, y, label);
        draw(page, x, y);
      }
    }
  }
  return pdf.save();
}

type Draw = (page: PDFPage, x_mm: number, y_mm: number) => void;

/** Embeds the faces that the label needs, and gives a pen that draws it with its upper left corner anywhere. */
async function drawer(pdf: PDFDocument, { lines, squares }: LaidLabel): Promise<Draw> {
  const fonts = new Map<Face, PDFFont>();
  const set = lines.map((line) => ({ line, runs: runsOf(line.text, line.bold).runs }));
  for (const { face } of set.flatMap(({ runs }) => runs))
    if (!fonts.has(face)) fonts.set(face, await pdf.embedFont(bytesOf(face), { subset: true }));
  return (page, left, top) => {
    const up = (y_mm: number): number => page.getHeight() - (top + y_mm) * POINTS_PER_MM;
    for (const { line, runs } of set) {
      let x = left + line.x_mm;
      for (const run of runs) {
        const font = fonts.get(run.face);
        if (font)
          page.drawText(run.text, {
            x: x * POINTS_PER_MM,
            y: up(line.y_mm),
            size: line.size_mm * POINTS_PER_MM,
            font,
            color: INK,
          });
        x += runWidth(run, line.size_mm);
      }
    }
    for (const { x_mm, y_mm, side_mm } of squares) {
      const side = side_mm * POINTS_PER_MM;
      page.drawRectangle({ x: (left + x_mm) * POINTS_PER_MM, y: up(y_mm + side_mm), width: side, height: side, color: INK });
    }
  };
}

function outline(page: PDFPage, x_mm: number, y_mm: number, { width_mm, height_mm }: LaidLabel): void {
  page.drawRectangle({
    x: x_mm * POINTS_PER_MM,
    y: page.getHeight() - (y_mm + height_mm) * POINTS_PER_MM,
    width: width_mm * POINTS_PER_MM,
    height: height_mm * POINTS_PER_MM,
    borderColor: FAINT,
    borderWidth: 0.4,
  });
}
