import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import fontkit from '@cantoo/fontkit';

/** Faces of a label, tried letter by letter in this order: western, Greek, Cyrillic, Hebrew, Arabic; then the east. */
const FACES = {
  text: 'node_modules/dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf',
  bold: 'node_modules/dejavu-fonts-ttf/ttf/DejaVuSansCondensed-Bold.ttf',
  japanese: 'data/fonts/noto-sans-jp-japanese-400-normal.woff',
  chinese: 'data/fonts/noto-sans-sc-chinese-simplified-400-normal.woff',
  korean: 'data/fonts/noto-sans-kr-korean-400-normal.woff',
} as const;
export type Face = keyof typeof FACES;
const EASTERN: readonly Face[] = ['japanese', 'chinese', 'korean'];

/** What is used of a font program. */
type FontProgram = {
  readonly unitsPerEm: number;
  hasGlyphForCodePoint(codePoint: number): boolean;
  layout(text: string): {
    readonly glyphs: ReadonlyArray<{ readonly path: { toSVG(): string } }>;
    readonly positions: ReadonlyArray<{ readonly xAdvance: number; readonly xOffset: number; readonly yOffset: number }>;
    readonly advanceWidth: number;
  };
};
const reader = fontkit as unknown as { create(bytes: Uint8Array): FontProgram };

/** Read when first asked for: most labels need two faces, and those of the east are large. */
const programs = new Map<Face, { readonly bytes: Uint8Array; readonly program: FontProgram }>();
function open(face: Face): { readonly bytes: Uint8Array; readonly program: FontProgram } {
  let found = programs.get(face);
  if (!found) {
    const bytes = readFileSync(join(process.cwd(), FACES[face]));
    programs.set(face, (found = { bytes, program: reader.create(bytes) }));
  }
  return found;
}

export const bytesOf = (face: Face): Uint8Array => open(face).bytes;

/** A stretch of text in one face. */
export type Run = { readonly face: Face; readonly text: string };

/** Small letters over the size of the type [1], of the western faces. */
export const X_HEIGHT = 0.547;

/** Cuts a text where its letters need another face. A letter that none has comes back in `unknown`. */
export function runsOf(text: string, bold: boolean): { readonly runs: readonly Run[]; readonly unknown: readonly string[] } {
  const runs: Array<{ face: Face; text: string }> = [];
  const unknown: string[] = [];
  for (const letter of text.normalize('NFC')) {
    const face = faceFor(letter.codePointAt(0) ?? 32, bold);
    if (!face) unknown.push(letter);
    else if (runs.at(-1)?.face === face) runs[runs.length - 1].text += letter;
    else runs.push({ face, text: letter });
  }
  return { runs, unknown };
}

function faceFor(codePoint: number, bold: boolean): Face | null {
  const usual: Face = bold ? 'bold' : 'text';
  if (codePoint < 0x250 || open(usual).program.hasGlyphForCodePoint(codePoint)) return usual;
  return EASTERN.find((face) => open(face).program.hasGlyphForCodePoint(codePoint)) ?? null;
}

/** Width of a text at a size, in the size's unit. */
export function widthOf(text: string, size: number, bold = false): number {
  return runsOf(text, bold).runs.reduce((sum, run) => sum + runWidth(run, size), 0);
}
export function runWidth({ face, text }: Run, size: number): number {
  const { program } = open(face);
  return (program.layout(text).advanceWidth / program.unitsPerEm) * size;
}

/** Outlines of a run with its base line at the origin, y down, as SVG path data with the transforms that put each letter in place. */
export function outlinesOf({ face, text }: Run, size: number): ReadonlyArray<{ readonly d: string; readonly transform: string }> {
  const { program } = open(face);
  const scale = size / program.unitsPerEm;
  const { glyphs, positions } = program.layout(text);
  let x = 0;
  return glyphs.map((glyph, i) => {
    const { xAdvance, xOffset, yOffset } = positions[i];
    const at = [x + xOffset * scale, -yOffset * scale];
    x += xAdvance * scale;
    return { d: glyph.path.toSVG(), transform: `translate(${fine(at[0])} ${fine(at[1])}) scale(${fine(scale)} ${fine(-scale)})` };
  });
}

const fine = (value: number): string => String(Math.round(value * 1e5) / 1e5);
