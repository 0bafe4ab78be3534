/** Labels printed and read back: nothing cut, true size, and every letter survives. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { LabelText } from '@/core/labelling';
import { layLabel, type LaidLabel } from '@/formats/label/label-layout';
import { labelPdf, perSheet, type LabelSheet } from '@/formats/label/label-pdf';
import { labelSvg } from '@/formats/label/label-svg';
import { widthOf } from '@/formats/label/lettering';

const TEXT: LabelText = {
  title: 'Beet and mackerel hillbars',
  kind: 'Complementary treat for dogs',
  ingredients:
    'wholegrain spelt flour, beetroot 24 %, egg, oat flour, canned mackerel 8.4 %, barley flakes, parsley, rapeseed oil, rosemary extract, water',
  analysis: 'Protein min 13.5 %, fat min 7.5 %, fibre max 3 %, moisture max 7 %. About 362 kcal per 100 g, 14 kcal a piece.',
  allergens: 'Contains wheat, egg, fish.',
  feeding: 'A treat, not a meal: up to 3 a day for a 10 kg dog. Fresh water beside it. Watch your dog eat.',
  storage: 'Cool, dry and closed. Once open, use within 6 weeks.',
  net: '150 g',
  bestBefore: '16 Feb 2027',
  lot: 'K26328A-I',
  maker: 'Cairnhope Bothy Bakery',
};
const laid = (text: Partial<LabelText> = {}, width = 100, height = 62): LaidLabel => {
  const label = layLabel({ ...TEXT, ...text }, width, height);
  if (!label.ok) throw new Error(label.message);
  return label.value;
};

/** Prints, and reads back with other people's tools. */
async function printed(label: LaidLabel, count = 1, sheet: LabelSheet = 'single') {
  const folder = mkdtempSync(join(tmpdir(), 'label-'));
  try {
    const file = join(folder, 'label.pdf');
    writeFileSync(file, await labelPdf(label, count, sheet, 'Label'));
    const run = (tool: string, ...options: string[]): string => execFileSync(tool, options, { encoding: 'utf8' });
    const info = run('pdfinfo', file);
    execFileSync('pdftoppm', ['-r', '300', '-gray', '-f', '1', '-l', '1', file, join(folder, 'page')]);
    const picture = readFileSync(
      join(
        folder,
        execFileSync('ls', [folder], { encoding: 'utf8' })
          .split('\n')
          .find((name) => name.endsWith('.pgm')) ?? '',
      ),
    );
    return { info, text: run('pdftotext', '-layout', file, '-'), ink: inkIn(picture) };
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** The box of everything dark on a page of 300 dots per inch [mm], and the page. */
function inkIn(pgm: Buffer): { left: number; right: number; top: number; bottom: number; width: number; height: number } {
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(pgm.subarray(0, 40).toString('latin1'));
  if (!head) throw new Error('not a picture');
  const [width, height] = [Number(head[1]), Number(head[2])];
  let [left, right, top, bottom] = [width, 0, height, 0];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (pgm[head[0].length + y * width + x] < 100) {
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
      }
  const mm = (dots: number): number => (dots * 25.4) / 300;
  return { left: mm(left), right: mm(right), top: mm(top), bottom: mm(bottom), width: mm(width), height: mm(height) };
}
const squeezed = (text: string): string => text.replace(/\s+/g, '');

describe('a printed label', () => {
  it('is 100 x 62 mm to a third of a millimetre, with white all round and letters of 1.2 mm', async () => {
    const label = laid();
    const { info, ink } = await printed(label);
    const [, width, height] = /Page size:\s+([\d.]+) x ([\d.]+) pts/.exec(info) ?? [];
    expect(Math.abs((Number(width) * 25.4) / 72 - 100)).toBeLessThan(0.3);
    expect(Math.abs((Number(height) * 25.4) / 72 - 62)).toBeLessThan(0.3);
    expect(ink.left).toBeGreaterThan(1.5);
    expect(ink.top).toBeGreaterThan(1.5);
    expect(ink.right).toBeLessThan(98.5);
    expect(ink.bottom).toBeLessThan(60.5);
    expect(label.xHeight_mm).toBeGreaterThan(1.2);
  });
  it('says everything that it should, readable by a machine too', async () => {
    const text = squeezed((await printed(laid())).text);
    for (const word of ['hillbars', 'Contains', 'K26328A-I', '150g', 'Bestbefore16Feb2027', 'rosemary', '362kcal'])
      expect(text).toContain(word);
  });
  it.each([
    ['accents', { title: 'Žluťoučké piškoty', maker: 'Größe & Sœurs, Åre' }, ['Žluťoučké', 'Größe', 'Sœurs', 'Åre']],
    ['Greek and Cyrillic', { title: 'Μπισκότα Печенье', maker: 'Щенок' }, ['Μπισκότα', 'Печенье', 'Щенок']],
    ['letters of the east', { title: '甜菜饼干 ビーツ', maker: '강아지 과자' }, ['甜菜饼干', 'ビーツ', '강아지']],
  ])('%s survive', async (_, text, words) => {
    const read = squeezed((await printed(laid(text))).text);
    for (const word of words) expect(read).toContain(squeezed(word));
  });
  it('a long list makes the type smaller, and what cannot be read is refused with what to do', () => {
    const list = Array.from({ length: 34 }, (_, i) => `ingredient number ${i + 1}`).join(', ');
    const small = laid({ ingredients: list });
    expect(small.xHeight_mm).toBeLessThan(laid().xHeight_mm);
    expect(small.xHeight_mm).toBeGreaterThanOrEqual(0.9 - 1e-6);
    expect(layLabel({ ...TEXT, ingredients: list.repeat(6) }, 100, 62)).toMatchObject({ ok: false, code: 'DOES_NOT_FIT' });
  });
  it('a letter that no face has is named, not lost', () =>
    expect(layLabel({ ...TEXT, maker: 'बिस्कुट' }, 100, 62)).toMatchObject({
      ok: false,
      message: expect.stringContaining('ब') as string,
    }));
  it.each([
    [100, 62],
    [76, 51],
    [90, 120],
    [50, 80],
  ])('nothing leaves a label of %d x %d mm, and lines do not run into the code', (width, height) => {
    const { lines, squares } = laid({}, width, height);
    for (const { x_mm, y_mm, size_mm, text, bold } of lines) {
      expect(x_mm + widthOf(text, size_mm, bold)).toBeLessThanOrEqual(width - 1.9);
      expect(y_mm).toBeLessThanOrEqual(height - 1.9);
    }
    const code = Math.min(Infinity, ...squares.map(({ x_mm }) => x_mm));
    for (const { x_mm, size_mm, text, bold } of lines)
      if (x_mm < code) expect(x_mm + widthOf(text, size_mm, bold)).toBeLessThan(code);
  });
});

describe('sheets', () => {
  it('A4 and Letter take what fits, and go on to another page', async () => {
    const label = laid({}, 90, 50);
    expect(perSheet(label, 'a4')).toEqual({ columns: 2, rows: 5 });
    expect(perSheet(label, 'letter')).toEqual({ columns: 2, rows: 5 });
    const { info, ink } = await printed(label, 13, 'a4');
    expect(info).toMatch(/Pages:\s+2/);
    expect(Math.abs(ink.width - 210)).toBeLessThan(0.3);
    expect(Math.abs(ink.height - 297)).toBeLessThan(0.3);
  });
});

describe('as SVG', () => {
  it('has its true size and its words, and no letter outside', () => {
    const svg = labelSvg(laid({ maker: 'Brown & "Sons" <Ltd>' }));
    expect(svg).toContain('width="100mm" height="62mm"');
    expect(svg).toContain('Brown &#38; &#34;Sons&#34; &#60;Ltd&#62;');
    expect(svg.match(/<path/g)?.length).toBeGreaterThan(300);
  });
});
