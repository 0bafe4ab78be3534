/** A pictograph, with what makes it coloured or joins it to another. */
const PICTOGRAPHS = /^(?:(?:\p{Extended_Pictographic}|\u{fe0f}|\u{200d}|\u{20e3}|[\u{2610}-\u{2714}])\s*)+/u;
const BULLET = /^(?:[-*•·●◦▢□☐▪‣–—]|\[\s?\]|o(?=\s+\d))\s*/;
/** "flour ...... 300 g", "flour | 300 g", "flour <tab> 300 g": what stands between a name and its amount. */
const LEADER = /\s*(?:\.{3,}|…{2,}|\s\|\s|\t+|_{3,})\s*/g;

/** One line of a text as it is sorted: without its bullet, leaders and marks of emphasis. */
export type TidyLine = {
  readonly text: string;
  readonly bullet: boolean;
  /** A blank line stands before it. */
  readonly apart: boolean;
};

/** The lines of a text that say something; a line in brackets belongs to the one before it. */
export function tidyLines(text: string): TidyLine[] {
  const lines: TidyLine[] = [];
  let apart = true;
  for (const raw of text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .flatMap(inReach)) {
    const bare = raw
      .replace(/[\u200b\u00ad\u2060\ufeff]/g, '')
      .replace(/[\u00a0\u2009\u202f]/g, ' ')
      .trim()
      .replace(/^#+\s*/, '')
      .replace(/\*\*|__/g, '')
      .replace(/^\|\s*|\s*\|$/g, '');
    if (bare === '' || /^[-=_*~:|\s]{3,}$/.test(bare)) {
      apart = true;
      continue;
    }
    const pictured = !/^\d/.test(bare) && PICTOGRAPHS.test(bare);
    const bullet = pictured || (BULLET.test(bare) && !/^-\d/.test(bare));
    const own = pictured ? bare.replace(PICTOGRAPHS, '') : bullet ? bare.replace(BULLET, '') : bare;
    const cells = own.split(/\s+\|\s+/);
    // "200 g oat flour | 1 egg | 60 g sauce": a list on one line.
    if (cells.length > 1 && cells.slice(1).every((cell) => /^[\d½¼¾⅓⅔]/.test(cell)) && /^[\d½¼¾⅓⅔]/.test(cells[0])) {
      for (const [i, cell] of cells.entries()) lines.push({ text: cell.trim(), bullet, apart: apart && i === 0 });
      apart = false;
      continue;
    }
    const line = own.replace(LEADER, ' - ').trim();
    const before = lines.at(-1);
    if (/^\([^()]*\)[.,;]?$/.test(line) && before && !apart && !bullet && lines.length > 1)
      lines[lines.length - 1] = { ...before, text: `${before.text} ${line}` };
    else if (line !== '') lines.push({ text: line, bullet, apart });
    apart = false;
  }
  return lines;
}

/** Abbreviations whose full stop ends no sentence. */
const ABBREVIATED = /\b(?:[Aa]pprox|[Tt]bsp|[Tt]sp|[Tt]bs|oz|lbs?|[Nn]o|c|t|pkg|e\.g|i\.e|med|lg|sm|ca|vs|Mr|Mrs|Dr|St)\.$/;

/** The sentences of a line. */
export function sentencesOf(line: string): string[] {
  const sentences: string[] = [];
  for (const part of line.split(/(?<=[.!?…]["”')]?)\s+(?=["“'(]?[A-Z0-9½¼¾])/)) {
    const before = sentences.at(-1);
    if (
      before !== undefined &&
      (ABBREVIATED.test(before) || (/\bmin\.$/i.test(before) && /^\d/.test(part)) || /\(\s*[^)]*$/.test(before))
    )
      sentences[sentences.length - 1] = `${before} ${part}`;
    else sentences.push(part);
  }
  return sentences.map((sentence) => sentence.trim()).filter(Boolean);
}

/** Longest line that is read as one [characters]: looking a line through takes longer the longer it is. */
const LONGEST_LINE = 2000;
/** Where a line that is longer is cut: after a sentence, else after a word. */
const CUTS = new RegExp(
  String.raw`.{1,${LONGEST_LINE}}(?:(?<=[.!?;])\s|$)|.{1,${LONGEST_LINE}}(?:\s|$)|.{1,${LONGEST_LINE}}`,
  'gs',
);

const inReach = (line: string): readonly string[] => (line.length <= LONGEST_LINE ? [line] : (line.match(CUTS) ?? []));
