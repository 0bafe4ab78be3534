/** A stretch of the picture that words take [px]. */
export type Box = { readonly x: number; readonly y: number; readonly width: number; readonly height: number };

const PX_PER_LETTER = 6.8;
const LINE_PX = 16;

/** What words take up from the left end of their base line. */
export const boxOf = (words: string, x: number, baseline: number): Box => ({
  x,
  y: baseline - LINE_PX + 3,
  width: words.length * PX_PER_LETTER,
  height: LINE_PX,
});

const meet = (a: Box, b: Box): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** The first of several places for words that lies on nothing that is taken; the first of all when none does. */
export const freePlace = <P extends { readonly x: number; readonly y: number }>(
  words: string,
  places: readonly P[],
  taken: readonly Box[],
): P | undefined => places.find(({ x, y }) => !taken.some((box) => meet(boxOf(words, x, y), box))) ?? places[0];
