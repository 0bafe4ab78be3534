import type { Field, Fields } from './field';

type Simple<T> = { [K in keyof T]: T[K] };
type RequiredKeys<F extends Fields> = { [K in keyof F]: F[K] extends { readonly required: true } ? K : never }[keyof F];

/** What a group of fields is as a value: keys that are not required may be left out. */
export type ValuesOf<F extends Fields> = Simple<
  { readonly [K in RequiredKeys<F>]: ValueOf<F[K]> } & { readonly [K in Exclude<keyof F, RequiredKeys<F>>]?: ValueOf<F[K]> }
>;

/** What a field is as a value. */
export type ValueOf<F extends Field> = F extends { readonly kind: 'number' }
  ? number
  : F extends { readonly kind: 'choice'; readonly of: infer C extends readonly string[] }
    ? C[number]
    : F extends { readonly kind: 'text' }
      ? string
      : F extends { readonly kind: 'flag' }
        ? boolean
        : F extends { readonly kind: 'constant'; readonly value: infer V }
          ? V
          : F extends { readonly kind: 'group'; readonly fields: infer G extends Fields }
            ? ValuesOf<G>
            : F extends { readonly kind: 'list'; readonly of: infer E extends Field }
              ? ReadonlyArray<ValueOf<E>>
              : F extends { readonly kind: 'variants'; readonly by: infer B extends string; readonly of: infer V }
                ? { [K in keyof V]: V[K] extends Fields ? VariantOf<B, K, V[K]> : never }[keyof V]
                : never;

/** One of the variants: its own fields, and the key that tells it apart. */
export type VariantOf<B extends string, Name, F extends Fields> = Simple<{ readonly [K in B]: Name } & ValuesOf<F>>;
