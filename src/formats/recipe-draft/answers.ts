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
/** Answers by the words of the line: they stand when other lines come and go. */
export type Answers = Readonly<Record<string, Answer | undefined>>;

/** Under what the answer about a line is kept: its words, and which of several alike it is. */
export function answerKey(lines: ReadonlyArray<{ readonly line: string }>, index: number): string {
  const { line } = lines[index];
  const before = lines.slice(0, index).filter((other) => other.line === line).length;
  return before === 0 ? line : `${line} #${before + 1}`;
}
