/** What hurts dogs, by one short code each. */
export const DANGER_CODES = [
  'xylitol',
  'sweetener',
  'chocolate',
  'caffeine',
  'onion',
  'garlic',
  'grape',
  'macadamia',
  'nuts',
  'alcohol',
  'nutmeg',
  'yeast-dough',
  'hops',
  'avocado',
  'cooked-bones',
  'mouldy',
  'pits',
  'green-potato',
  'rhubarb',
  'cannabis',
  'essential-oil',
  'salt',
] as const;
export type DangerCode = (typeof DANGER_CODES)[number];

/** How grave a word is by itself: a ban, a thing to mind, or a note. */
export type DangerSeverity = 'stop' | 'mind' | 'note';

/** One thing that hurts dogs, with the words that name it. */
export type Danger = {
  readonly code: DangerCode;
  readonly severity: DangerSeverity;
  /** Words that name it. Global, lower case. */
  readonly named: RegExp;
  /** Words that contain its name and are something else; they are not looked at. */
  readonly alike?: RegExp;
  /** What it does, and what to do instead. */
  readonly why: string;
};

/** A danger that a text names, with the words and their place in it. */
export type FoundDanger = {
  readonly code: DangerCode;
  readonly severity: DangerSeverity;
  readonly why: string;
  readonly words: string;
  readonly start: number;
  readonly end: number;
};
