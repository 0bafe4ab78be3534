/** Collects which defaults a prediction rests on, in the words of the document: "kitchen.room_c = 20". */
export class Assumptions {
  readonly list: string[] = [];

  /** The given value, or the default, noted. */
  or<T extends string | number | boolean>(given: T | undefined, path: string, fallback: T): T {
    if (given !== undefined) return given;
    this.list.push(`${path} = ${String(fallback)}`);
    return fallback;
  }

  note(sentence: string): void {
    this.list.push(sentence);
  }
}
