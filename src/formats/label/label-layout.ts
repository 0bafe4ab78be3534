import QRCode from 'qrcode';
import { fail, succeed, type Result } from '@/core/failure';
import type { LabelText } from '@/core/labelling';
import { X_HEIGHT, runsOf, widthOf } from './lettering';

/** One line of print: its base line from the upper left corner, and the size of its type [mm]. */
export type PrintLine = {
  readonly x_mm: number;
  readonly y_mm: number;
  readonly size_mm: number;
  readonly bold: boolean;
  readonly text: string;
};
/** A label laid out at true size; x to the right, y down [mm]. */
export type LaidLabel = {
  readonly width_mm: number;
  readonly height_mm: number;
  readonly lines: readonly PrintLine[];
  /** Dark squares of the code. */
  readonly squares: ReadonlyArray<{ readonly x_mm: number; readonly y_mm: number; readonly side_mm: number }>;
  /** Height of small letters of the running text [mm]: some laws ask for 1.2, on small packs 0.9. */
  readonly xHeight_mm: number;
};

/** Type no smaller than what a good eye reads: small letters of 0.9 mm. */
const SMALLEST_MM = 0.9 / X_HEIGHT;
const LARGEST_MM = 3.4;
const STEP_MM = 0.05;
const LEADING = 1.22;
const TITLE = 1.7;
const PARAGRAPH_GAP = 0.3;
/** The code beside the text: as a share of the label, and no larger or smaller than phones like [mm]. */
const CODE = { share: 0.26, most_mm: 22, least_mm: 12, narrowest_label_mm: 55 } as const;

type Paragraph = { readonly text: string; readonly bold: boolean; readonly scale: number };
/** What a line may end after, with its width at a size of 1: whole, and without the space that a line's end drops. */
type Piece = { readonly text: string; readonly width: number; readonly atEnd: number };
type Measured = Omit<Paragraph, 'text'> & { readonly pieces: readonly Piece[] };

/**
 * Lays a label out: everything that it says, in the largest type that fits. Net weight, date and lot stand beside the
 * code, which holds the lot.
 */
export function layLabel(text: LabelText, width_mm: number, height_mm: number): Result<LaidLabel> {
  const unknown = Object.values(text).flatMap((part) => runsOf(part, false).unknown);
  if (unknown.length > 0)
    return fail(
      'BAD_VALUE',
      `No letters are shipped for: ${[...new Set(unknown)].join(' ')}. Write that part in another script.`,
      'label.text',
    );
  const margin = Math.max(2, 0.025 * width_mm);
  const code_mm = width_mm < CODE.narrowest_label_mm ? 0 : codeSide(width_mm, height_mm, margin);
  const column = width_mm - 2 * margin - (code_mm > 0 ? code_mm + margin : 0);
  const { running, dates } = paragraphsOf(text);
  const beside = dates.map(measured);
  const set = { running: [...running.map(measured), ...(code_mm > 0 ? [] : beside)], beside, code: text.lot || text.title };
  for (let size = LARGEST_MM; size >= SMALLEST_MM - 1e-9; size -= STEP_MM) {
    const laid = attempt(set, size, { width_mm, height_mm, margin, column, code_mm });
    if (laid) return succeed({ ...laid, width_mm, height_mm, xHeight_mm: size * X_HEIGHT });
  }
  return fail(
    'DOES_NOT_FIT',
    `So much text is not readable on ${width_mm} x ${height_mm} mm. Take a larger label, or shorten a part.`,
    'label.text',
  );
}

type Room = {
  readonly width_mm: number;
  readonly height_mm: number;
  readonly margin: number;
  readonly column: number;
  readonly code_mm: number;
};

const codeSide = (width_mm: number, height_mm: number, margin: number): number =>
  Math.min(CODE.most_mm, Math.max(CODE.least_mm, Math.min(CODE.share * width_mm, 0.5 * height_mm - margin)));

function paragraphsOf(text: LabelText): { readonly running: Paragraph[]; readonly dates: Paragraph[] } {
  const isSaid = (paragraph: Paragraph): boolean => paragraph.text !== '';
  return {
    running: [
      { text: text.title, bold: true, scale: TITLE },
      ...plain(text.kind),
      ...plain(text.ingredients && `Ingredients: ${text.ingredients}`),
      ...plain(text.analysis),
      ...plain(text.allergens, true),
      ...plain(text.feeding),
      ...plain(text.storage),
      ...plain(text.maker),
    ].filter(isSaid),
    dates: [
      { text: text.net, bold: true, scale: 1.25 },
      { text: text.bestBefore && `Best before ${text.bestBefore}`, bold: true, scale: 1 },
      { text: text.lot && `Lot ${text.lot}`, bold: false, scale: 1 },
    ].filter(isSaid),
  };
}

/** Widths grow with the type, so that each piece is measured once for all sizes. Scripts without spaces break between any two letters. */
function measured({ text, ...look }: Paragraph): Measured {
  const pieces = text
    .split(/(?<=\s)|(?<=[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}])(?=\p{L})/u)
    .map((piece) => ({ text: piece, width: widthOf(piece, 1, look.bold), atEnd: widthOf(piece.trimEnd(), 1, look.bold) }));
  return { ...look, pieces };
}

/** What stands on a label, measured: the running text, what stands beside it under the code, and what the code holds. */
type Measures = { readonly running: readonly Measured[]; readonly beside: readonly Measured[]; readonly code: string };

function attempt(
  { running, beside, code: holds }: Measures,
  size: number,
  room: Room,
): Pick<LaidLabel, 'lines' | 'squares'> | null {
  const { margin, column, code_mm, height_mm, width_mm } = room;
  const left = setColumn(running, { x: margin, y: margin, width: column }, size);
  if (!left || left.bottom > height_mm - margin) return null;
  if (code_mm === 0) return { lines: left.lines, squares: [] };
  const x = width_mm - margin - code_mm;
  const right = setColumn(beside, { x, y: margin + code_mm + 1.2, width: code_mm }, size);
  if (!right || right.bottom > height_mm - margin) return null;
  return { lines: [...left.lines, ...right.lines], squares: code(holds, x, margin, code_mm) };
}

const plain = (text: string, bold = false): Paragraph[] => (text ? [{ text, bold, scale: 1 }] : []);

/** Sets paragraphs one under the other; null when a single word is wider than the column. */
function setColumn(
  paragraphs: readonly Measured[],
  column: { readonly x: number; readonly y: number; readonly width: number },
  size: number,
): { readonly lines: PrintLine[]; readonly bottom: number } | null {
  const lines: PrintLine[] = [];
  let y_mm = column.y;
  for (const [i, { pieces, bold, scale }] of paragraphs.entries()) {
    const size_mm = size * scale;
    const broken = breakLines(pieces, column.width / size_mm);
    if (!broken) return null;
    for (const line of broken) {
      y_mm += (lines.length === 0 ? 0.95 : LEADING) * size_mm;
      lines.push({ x_mm: column.x, y_mm, size_mm, bold, text: line });
    }
    if (i < paragraphs.length - 1) y_mm += PARAGRAPH_GAP * size;
  }
  return { lines, bottom: y_mm + 0.25 * size };
}

/** Lines no wider than so many times the size of the type; null when a single word is wider. */
function breakLines(pieces: readonly Piece[], width: number): string[] | null {
  const lines: string[] = [];
  let line = '';
  let used = 0;
  for (const { text, width: whole, atEnd } of pieces) {
    if (atEnd > width) return null;
    if (used + atEnd > width) {
      lines.push(line.trimEnd());
      line = '';
      used = 0;
    }
    line += text;
    used += whole;
  }
  if (line.trim()) lines.push(line.trimEnd());
  return lines;
}

/** A code that any phone reads, holding the lot. */
function code(holds: string, x: number, y: number, side: number): LaidLabel['squares'] {
  const { modules } = QRCode.create(holds, { errorCorrectionLevel: 'M' });
  const step = side / modules.size;
  const squares: Array<LaidLabel['squares'][number]> = [];
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column)) squares.push({ x_mm: x + column * step, y_mm: y + row * step, side_mm: step });
  return squares;
}
