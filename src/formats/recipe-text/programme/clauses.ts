import { sentencesOf } from '../tidy-lines';

/** A piece of a sentence that says one thing to do, with the sentence it stands in. */
export type Clause = {
  readonly text: string;
  /** The first of its sentence: what was being done before does not go on by itself. */
  readonly opens: boolean;
  /** Another way to do what the clause before it does. */
  readonly instead: boolean;
};

/** Marks and words that begin another thing to do; a comma inside a number is none. */
const BREAK =
  /;\s*|,\s+(?:and\s+)?(?:then\s+)?|\s+(?:and\s+)?then\s+|\s+[-–—]\s+(?=[a-z])|\s*(?:→|->|=>|\s\+\s|\|)\s*|\s+and\s+(?=(?:bake|dry|cook|leave|turn|flip|return|lower|reduce|freeze|dehydrate|cool)\b)/i;

const OR = /\s+or\s+(?=(?:bake|cook|roast|dry|dehydrate|microwave|air[- ]?fry)\b)/i;

/** The clauses of steps, in order. */
export const clausesOf = (steps: readonly string[]): Clause[] =>
  steps.flatMap((step) =>
    sentencesOf(step).flatMap((sentence) =>
      sentence
        .split(BREAK)
        .map((text) => text.trim())
        .filter(Boolean)
        .flatMap((said, i) => said.split(OR).map((text, way) => ({ text, opens: i === 0 && way === 0, instead: way > 0 }))),
    ),
  );
