import { findLengths, type LengthSpan } from '@/core/written';
import { clausesOf } from '../programme/clauses';

/** A length with the words before and behind it in its clause. */
export type Place = LengthSpan & { readonly before: string; readonly after: string; readonly clause: string };

/** Every length that the steps and the list say, in order. */
export const placesOf = (texts: readonly string[]): Place[] =>
  clausesOf(texts).flatMap(({ text }) =>
    findLengths(text).map((span) => ({
      ...span,
      before: text.slice(0, span.start),
      after: text.slice(span.end),
      clause: text,
    })),
  );

/** The middle of what a place says, in tenths of a millimetre [mm]. */
export const mm = ({ low, high }: Place): number => Math.round(((low + high) / 2) * 10 + TINY) / 10;
/** A quarter of an inch is 6.35 mm, whatever a computer makes of it. */
const TINY = 1e-6;
