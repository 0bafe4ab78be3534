import type { Field, Fields } from './field';
import type { ValueOf } from './value-of';

type Plain = string | number | boolean;
/** Keys of fields that have one value to hold where they are left out. */
type DefaultedKeys<F extends Fields> = { [K in keyof F]: F[K] extends { readonly default: Plain } ? K : never }[keyof F];

/** Collects which defaults a prediction rests on, in the words of the document: "kitchen.room_c = 20". */
export class Assumptions {
  readonly list: string[] = [];

  /** Reads keys of a group: the value that is given, or the field's default, noted under the group's path. */
  from<F extends Fields>(
    fields: F,
    given: Readonly<Record<string, unknown>> | undefined,
    path: string,
  ): <K extends DefaultedKeys<F> & string>(key: K) => ValueOf<F[K]> {
    return (key) => {
      const field: Field = fields[key];
      const fallback = 'default' in field ? field.default : undefined;
      return this.or(given?.[key] as Plain | undefined, `${path}.${key}`, fallback as Plain) as ValueOf<F[typeof key]>;
    };
  }

  /** The given value, or what is usual here, noted: for defaults that are not one value. */
  or<T extends Plain>(given: T | undefined, path: string, fallback: T): T {
    if (given !== undefined) return given;
    this.list.push(`${path} = ${String(fallback)}`);
    return fallback;
  }

  note(sentence: string): void {
    this.list.push(sentence);
  }
}
