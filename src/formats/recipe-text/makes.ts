import { NUMBER, numberOf } from '@/core/written';

/** How many a recipe says it makes, with its words. */
export type ReadMakes = ({ readonly pieces: number } | { readonly servings: number }) & {
  readonly low: number;
  readonly high: number;
  readonly from: string;
};

const ABOUT = String.raw`(?:about|approx(?:\.|imately)?|around|roughly|circa|ca\.?|~|up to|some|nearly|almost|over)?\s*`;
const COUNT = String.raw`(${NUMBER})(?:\s*(?:-|–|to)\s*(${NUMBER}))?(\s*dozen)?`;
const MAKES = new RegExp(
  String.raw`\b(?:makes?|yields?|yielding|gives|quantity|you(?:'ll)? get|should (?:make|get))\s*:?\s*(?:you )?${ABOUT}${COUNT}`,
  'i',
);
const SERVES = new RegExp(
  String.raw`\b(?:serves|servings?|portions?)\s*:?\s*${ABOUT}${COUNT}|${ABOUT}${COUNT}\s*(?:servings?|portions?)\b`,
  'i',
);
/** A sentence of its own: "About 50 pieces.", "20 pieces.", "Approx 2 dozen". */
const ALONE = new RegExp(
  String.raw`^${ABOUT}${COUNT}(?:\s+(?:\w+\s+){0,2}(?:pieces|treats|biscuits?|cookies|bites|slices|bones|rounds|squares|coins|balls|bars|muffins|sticks|men|donuts|bits|snaps|portions))?[.!]?$`,
  'i',
);
const CUT_INTO = new RegExp(
  String.raw`\bcut (?:it |them )?into ${ABOUT}(\d+)(?! ?(?:cm|mm|"|inch|in\b|x|×|\/|\.\d))(?:\s|[.;,]|$)`,
  'i',
);

/** "Fill 12 muffin cases". */
const CASES = /\b(?:fill|into|between|among) (\d{1,2}) (?:\w+ )?(?:muffin|cupcake|paper|bun) (?:cases|cups|liners|tins?)\b/i;

/** Reads how many it makes; null where no words say it. */
export function readMakes(texts: readonly string[], sentencesOf: (text: string) => string[]): ReadMakes | null {
  for (const text of texts) {
    const makes = MAKES.exec(text);
    if (makes && isCount(text, makes)) return counted(makes, false);
  }
  for (const text of texts) {
    const serves = SERVES.exec(text);
    if (serves && !/\b(?:dogs?|scoop)\b/i.test(text.slice(serves.index, serves.index + 40)))
      return counted([serves[0], serves[1] ?? serves[4], serves[2] ?? serves[5], serves[3] ?? serves[6]], true);
  }
  for (const sentence of texts.flatMap(sentencesOf).flatMap((text) => text.split(/[;|]\s*/))) {
    const alone = ALONE.exec(sentence.trim());
    if (alone && (alone[3] !== undefined || /[a-z]{4}/i.test(sentence.replace(/approx\w*|about/gi, ''))))
      return counted(alone, false);
    const cut = CUT_INTO.exec(sentence) ?? CASES.exec(sentence);
    if (cut) return counted([cut[0], cut[1]], false);
  }
  return null;
}

/** "Makes 2 cups" counts no pieces, "makes a stiff dough" nothing at all. */
const isCount = (text: string, { 0: words, index, 1: first }: RegExpExecArray): boolean =>
  !/^\s*(?:cm\b|mm\b|inch|"|cups?|g\b|kg|ml|lb|oz|litres?|%|mess|stiff|soft|firm|great|lovely|good|nice)/i.test(
    text.slice(index + words.length),
  ) &&
  (/\d|dozen/i.test(words) || numberOf(first) > 2);

function counted(
  [from, first, second, dozen]: ArrayLike<string | undefined> & Iterable<string | undefined>,
  servings: boolean,
): ReadMakes {
  const times = dozen === undefined ? 1 : 12;
  const low = numberOf(first ?? '') * times;
  const high = second === undefined ? low : numberOf(second) * times;
  const middle = Math.round((low + high) / 2);
  return { ...(servings ? { servings: middle } : { pieces: middle }), low, high, from: (from ?? '').trim() };
}
