/** What the baker answers about one line. */
export type Answer = {
  /** Row of the pantry that it is. */
  readonly ingredient?: string;
  readonly grams?: number;
  /** Left out on purpose. */
  readonly out?: true;
  /** The question was read and what was understood is right. */
  readonly right?: true;
};
/** Answers by the number of the line in the reading. */
export type Answers = Readonly<Record<number, Answer | undefined>>;
