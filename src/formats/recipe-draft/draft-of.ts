import type { HeatStep, PackChoice } from '@/core/catalogue';
import { BATCH, startingPoint, withAssumed, type BatchDocument, type Heat, type Promises } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import type { CupFill } from '@/core/quantities';
import type { ReadRecipe } from '../recipe-text';
import type { Answers } from './answers';
import { linesTaken } from './lines-taken';

/** A reading as a document that can be predicted and saved; null while no line of a dough is clear. */
export type RecipeDraft = {
  readonly document: BatchDocument | null;
  /** Numbers of the lines that wait for an answer. */
  readonly waiting: readonly number[];
};

/** Makes a document of what was read and answered; what no words said is marked as assumed. */
export function draftOf(reading: ReadRecipe, answers: Answers, pantry: Pantry, fill: CupFill = 'unknown'): RecipeDraft {
  const { lines, waiting } = linesTaken(reading.ingredients, answers, pantry, fill);
  const used = new Set(lines.map(({ part }) => part));
  const parts = reading.parts.filter(({ name }) => used.has(name));
  const dough = new Set(parts.filter(({ role }) => role === 'dough').map(({ name }) => name));
  if (!lines.some(({ part }) => part === undefined || dough.has(part))) return { document: null, waiting };
  const start = startingPoint(reading.method);
  const steps = reading.steps.map((text) => ({ text: text.slice(0, LONGEST_STEP) })).slice(0, MOST);
  const open = waiting.map((i) => `"${reading.ingredients[i].line}"`).join(', ');
  const summary = [
    ...(open === '' ? [] : [`Not taken in yet: ${open}.`]),
    ...reading.said.filter((line) => !/^(?:makes|serves|yields?|prep|cook|total|servings)\b/i.test(line)),
  ].join(' ');
  const document: BatchDocument = {
    ...start,
    recipe: {
      name: (reading.name || 'Recipe without a name').slice(0, LONGEST_NAME),
      ...(summary.trim() === '' ? {} : { summary: summary.trim().slice(0, LONGEST_STEP) }),
      method: reading.method,
      ingredients: lines.slice(0, MOST),
      ...(parts.length > 0 ? { parts: parts.slice(0, MOST_PARTS) } : {}),
      promises: promisesOf(reading),
      ...(reading.programme?.rest_minutes ? { rest_minutes: reading.programme.rest_minutes } : {}),
      ...(steps.length > 0 ? { steps } : {}),
    },
    shape: reading.shape?.shape ?? start.shape,
    heat: heatOf(reading, start.heat, washesOf(reading)),
    ...keepingOf(reading),
  };
  return { document: withAssumed(document, assumedIn(reading, document)), waiting };
}

const LONGEST_NAME = 200;
const LONGEST_STEP = 1000;
const MOST = 60;
const MOST_PARTS = 20;

/** What no words said, by its path. */
function assumedIn({ programme, shape }: ReadRecipe, { heat }: BatchDocument): string[] {
  const heated = (programme?.assumed ?? []).flatMap((name) => {
    if (name === 'heat.appliance') return ['heat.appliance.kind'];
    const [, , step, key] = name.split('.');
    const at = heat.steps.findIndex(({ do: what }) => what === step);
    return at === -1 ? [] : [`heat.steps[${at}].${key}`];
  });
  return [...(programme ? heated : ['heat']), ...(shape ? shape.assumed : ['shape'])];
}

/** Parts that are brushed on, in the order in which the recipe lists them. */
const washesOf = ({ ingredients, parts }: ReadRecipe): string[] =>
  parts.flatMap(({ name, role }) => (role === 'wash' && ingredients.some(({ part }) => part === name) ? [name] : []));

/** No setting or time leaves what the batch file allows. Each brushing takes its wash, the last one again where there are more. */
function heatOf({ programme }: ReadRecipe, usual: Heat, washes: readonly string[]): Heat {
  if (!programme) return usual;
  let brushed = 0;
  const steps = programme.steps.slice(0, MOST).map((step): HeatStep => {
    if (step.do !== 'brush' || washes.length === 0) return within(step);
    return { do: 'brush', part: washes[Math.min(brushed++, washes.length - 1)] };
  });
  return { appliance: programme.appliance, steps };
}

const STEP_FIELDS = BATCH.fields.heat.fields.steps.of.of;

function within(step: HeatStep): HeatStep {
  const fields = STEP_FIELDS[step.do] as Readonly<
    Record<string, { readonly kind: string; readonly min?: number; readonly max?: number }>
  >;
  return Object.fromEntries(
    Object.entries(step).map(([key, value]) => {
      const field = fields[key];
      return typeof value === 'number' && field?.kind === 'number' && field.min !== undefined && field.max !== undefined
        ? [key, Math.min(field.max, Math.max(field.min, value))]
        : [key, value];
    }),
  ) as HeatStep;
}

function promisesOf({ makes, stores, programme }: ReadRecipe): Promises {
  const minutes = (programme?.steps ?? []).reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  const count = makes === null ? {} : 'servings' in makes ? { servings: makes.servings } : { pieces: makes.pieces };
  return {
    ...count,
    ...(minutes > 0 ? { minutes } : {}),
    ...(stores.length > 0 ? { keeps: stores.slice(0, MOST_STORES).map(({ store, days }) => ({ store, days })) } : {}),
  };
}
const MOST_STORES = 6;

const PACKS: ReadonlyArray<readonly [words: RegExp, option: PackChoice['option']]> = [
  [/\bjars?\b/i, 'clip-jar'],
  [/\btins?\b/i, 'tin'],
  [/\b(?:mylar|foil|barrier) (?:pouch|bag)|\bpouch/i, 'foil-pouch'],
  [/\bbags?\b/i, 'zip-bag'],
];

/** Packed as it says, one pack for each place, and asked to keep as long as it says of the first. */
function keepingOf({ stores }: ReadRecipe): Pick<BatchDocument, 'pack' | 'target'> {
  if (stores.length === 0) return {};
  const places = [...new Map(stores.map((store) => [store.store, store])).values()];
  const pack = places.map(({ store, from }): PackChoice => {
    const said = PACKS.find(([words]) => words.test(from))?.[1];
    return { option: store === 'room' ? (said ?? 'clip-jar') : said === 'foil-pouch' ? said : 'zip-bag', store };
  });
  return { pack, target: { keeps_days_min: Math.min(LONGEST_DAYS, stores[0].days) } };
}
const LONGEST_DAYS = 2000;
