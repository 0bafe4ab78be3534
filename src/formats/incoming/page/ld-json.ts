import { readBatch } from '../../read-batch';
import { plain } from './plain-words';
import type { StructuredRecipe } from './structured';

type Thing = Readonly<Record<string, unknown>>;
const isThing = (value: unknown): value is Thing => typeof value === 'object' && value !== null && !Array.isArray(value);
const asList = (value: unknown): readonly unknown[] =>
  Array.isArray(value) ? value : value === undefined || value === null ? [] : [value];

/** A value by its name, with or without the vocabulary's prefix. */
const of = (thing: Thing, name: string): unknown =>
  thing[name] ?? thing[`schema:${name}`] ?? thing[`http://schema.org/${name}`] ?? thing[`https://schema.org/${name}`];

/** Deepest nesting that is looked into: pages wrap a recipe in lists and graphs, not more. */
const DEEPEST = 12;

/** Every recipe of a JSON-LD text, in order; empty where it is none, null where it cannot be parsed at all. */
export function recipesInJson(source: string): StructuredRecipe[] | null {
  const value = parsed(source);
  if (value === undefined) return null;
  const found: Thing[] = [];
  collect(value, found, 0);
  return found.map(structured);
}

/** JSON as sites publish it: in comments or CDATA, with raw line ends in its texts, with a last comma too many. */
function parsed(source: string): unknown {
  const bare = source
    .trim()
    .replace(/^\uFEFF/, '')
    .replace(/^\s*(?:\/\*\s*)?<!\[CDATA\[(?:\s*\*\/)?|^\s*\/\/\s*<!\[CDATA\[|^<!--/, '')
    .replace(/(?:\/\*\s*)?\]\]>(?:\s*\*\/)?\s*$|\/\/\s*\]\]>\s*$|-->\s*$/, '')
    .trim()
    .replace(/;\s*$/, '');
  for (const attempt of [bare, mended(bare)]) {
    try {
      return shallow(JSON.parse(attempt) as unknown, 0);
    } catch {
      // The next attempt mends what sites get wrong.
    }
  }
  return undefined;
}

/** Nothing in a recipe lies deeper than this, counted from the page. */
const DEEPEST_WORDS = 40;

/** A value without what lies too deep to be anybody's words, so that whatever reads it comes to an end. */
function shallow(value: unknown, depth: number): unknown {
  if (typeof value !== 'object' || value === null) return value;
  if (depth > DEEPEST_WORDS) return null;
  if (Array.isArray(value)) return value.map((one) => shallow(one, depth + 1));
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, shallow(one, depth + 1)]));
}

/** Raw line ends and tabs inside texts are escaped; a comma before a closing bracket goes. */
function mended(source: string): string {
  let out = '';
  let inside = false;
  for (let i = 0; i < source.length; i++) {
    const letter = source[i];
    if (inside && letter === '\\') {
      out += letter + (source[++i] ?? '');
      continue;
    }
    if (letter === '"') inside = !inside;
    if (inside && letter < ' ') out += letter === '\n' ? '\\n' : letter === '\t' ? '\\t' : letter === '\r' ? '' : ' ';
    else if (!inside && letter === ',' && /^\s*[\]}]/.test(source.slice(i + 1, i + 40))) continue;
    else out += letter;
  }
  return out;
}

function isRecipe(thing: Thing): boolean {
  const type = thing['@type'] ?? thing.type;
  return asList(type).some((name) => typeof name === 'string' && /(?:^|[/:#])Recipe$/.test(name));
}

function collect(value: unknown, found: Thing[], depth: number): void {
  if (depth > DEEPEST) return;
  if (Array.isArray(value)) for (const one of value) collect(one, found, depth + 1);
  else if (isThing(value)) {
    if (isRecipe(value)) found.push(value);
    else for (const one of Object.values(value)) if (typeof one === 'object') collect(one, found, depth + 1);
  }
}

const text = (value: unknown): string => {
  const [first] = asList(value);
  if (typeof first === 'string' || typeof first === 'number') return plain(String(first));
  if (isThing(first)) return text(first['@value'] ?? of(first, 'name') ?? of(first, 'text'));
  return '';
};
const lines = (value: unknown): string[] =>
  asList(value).flatMap((one) => {
    if (isThing(one) && of(one, 'itemListElement') !== undefined)
      return [...lines(of(one, 'name')), ...lines(of(one, 'itemListElement'))];
    const words = text(one);
    return words === '' ? [] : words.split('\n');
  });

/** Property of our own documents. */
export const WHOLE = 'upbeat-oven/batch';

function structured(recipe: Thing): StructuredRecipe {
  const whole = asList(of(recipe, 'additionalProperty')).find((one) => isThing(one) && of(one, 'propertyID') === WHOLE);
  const document = isThing(whole) && typeof of(whole, 'value') === 'string' ? readBatch(String(of(whole, 'value'))) : null;
  const listed = lines(of(recipe, 'recipeIngredient') ?? of(recipe, 'ingredients') ?? of(recipe, 'supply'));
  return {
    name: text(of(recipe, 'name') ?? of(recipe, 'headline')),
    ingredients: listed,
    steps: stepsOf(of(recipe, 'recipeInstructions') ?? of(recipe, 'step')),
    said: saidIn(recipe),
    ...(document?.ok ? { document: document.value } : {}),
  };
}

/** Instructions are a text, texts, steps, sections of steps, or lists whose elements wrap them; a section keeps its heading. */
function stepsOf(value: unknown): string[] {
  return asList(value).flatMap((one): string[] => {
    if (typeof one === 'string')
      return plain(one)
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean);
    if (!isThing(one)) return [];
    const inner = of(one, 'itemListElement') ?? of(one, 'steps') ?? of(one, 'step');
    if (inner !== undefined) {
      const heading = text(of(one, 'name'));
      return [...(heading === '' ? [] : [`${heading.replace(/:$/, '')}:`]), ...stepsOf(inner)];
    }
    const item = of(one, 'item');
    if (item !== undefined) return stepsOf(item);
    const words = text(of(one, 'text')) || text(of(one, 'description')) || text(of(one, 'name'));
    return words === '' ? [] : words.split('\n');
  });
}

const ISO = /^P(?:(\d+)D)?(?:T(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:\d+S)?)?$/i;

/** An ISO 8601 duration in minutes; null for what is none. */
export function isoMinutes(duration: string): number | null {
  const found = ISO.exec(duration.trim());
  if (!found || /^PT?$/i.test(duration.trim())) return null;
  const [days, hours, minutes] = found.slice(1).map((part) => Number(part ?? 0));
  return days * 1440 + hours * 60 + minutes;
}

const TIMES = [
  ['prepTime', 'Prep time'],
  ['cookTime', 'Cook time'],
  ['totalTime', 'Total time'],
] as const;

function saidIn(recipe: Thing): string[] {
  const yields = asList(of(recipe, 'recipeYield') ?? of(recipe, 'yield'))
    .map(text)
    .filter(Boolean);
  // "24" and "24 cookies" stand beside each other: the one with words says more.
  const told = yields.find((one) => /[a-z]/i.test(one)) ?? yields[0];
  return [
    ...(told ? [/^(?:makes|serves|yields?)\b/i.test(told) ? told : `Makes ${told}`] : []),
    ...TIMES.flatMap(([key, words]) => {
      const minutes = isoMinutes(text(of(recipe, key)));
      return minutes === null || minutes === 0 ? [] : [`${words}: ${minutes} minutes`];
    }),
    ...lines(of(recipe, 'description')),
  ];
}
