/** Scores the reader on written recipes, fact by fact: right, asked about, missed, or silently wrong. */
import { readFileSync } from 'node:fs';
import type { HeatStep } from '@/core/catalogue';
import { weighIngredient } from '@/core/pantry';
import { UNITS, type Unit } from '@/core/quantities';
import { readRecipeText, type ReadIngredient, type ReadRecipe } from '@/formats/recipe-text';
import { PANTRY } from '../reference/shipped';

export type Verdict = 'right' | 'asked' | 'missed' | 'wrong';
export type Scored = { readonly recipe: string; readonly fact: string; readonly got: string; readonly verdict: Verdict };

type Written = { readonly title: string; readonly text: string; readonly facts: readonly string[] };

/** The recipes of a set with their facts. */
export const writtenRecipes = (file: string): Written[] =>
  readFileSync(`tests/written/recipes/${file}`, 'utf8')
    .split(/^##### (?=\d)/m)
    .slice(1)
    .map((entry) => {
      const [text, facts] = entry.split('\n-----\n');
      const [number, ...lines] = text.split('\n');
      return {
        title: `${file} ${number}`,
        text: lines.join('\n'),
        facts: facts.split('\n').filter((fact) => fact.trim() !== ''),
      };
    });

/** Every fact of a set, scored. */
export const scoreSet = (file: string): Scored[] => writtenRecipes(file).flatMap(scoreRecipe);

function scoreRecipe({ title, text, facts }: Written): Scored[] {
  const result = readRecipeText(text, PANTRY);
  if (!result.ok) throw new Error(`${title}: ${result.message}`);
  const reading = result.value;
  const say = (fact: string, got: string, verdict: Verdict): Scored => ({ recipe: title, fact, got, verdict });
  const scored: Scored[] = [];
  roles = new Map(reading.parts.map(({ name, role }) => [name, role]));
  const left = [...reading.ingredients];
  const stores = [...reading.stores];
  for (const fact of facts) {
    const [key, ...rest] = fact.split(' ');
    const value = rest.join(' ');
    if (key === 'i') scored.push(...scoreLine(rest, left, say));
    else if (key === 'keeps') {
      const at = stores.findIndex(({ store, days }) => days === Number(rest[0]) && store === (rest[1] ?? 'room'));
      if (at !== -1) stores.splice(at, 1);
      scored.push(
        say(
          fact,
          JSON.stringify(reading.stores.map(({ store, days }) => [store, days])),
          at !== -1 ? 'right' : stores.length > 0 ? 'wrong' : 'missed',
        ),
      );
    } else scored.push(scoreFact(key, value, reading, say));
  }
  for (const line of left) if (line.question === null) scored.push(say('no such line', line.line, 'wrong'));
  for (const store of stores) scored.push(say('keeps nothing else', JSON.stringify(store), 'wrong'));
  return scored;
}

type Say = (fact: string, got: string, verdict: Verdict) => Scored;

/** One line of the list: what it is, how much, and its part. */
function scoreLine(words: readonly string[], left: ReadIngredient[], say: Say): Scored[] {
  // A fact may name the row that the table had, and a nearer one that it has since gained.
  const [named, amount, unit, ...more] = words;
  const ids = named.split('|');
  const id = ids.find((one) => left.some(({ ingredient }) => ingredient === one)) ?? ids[0];
  const part = more.find((word) => word !== '?') ?? 'dough';
  const fact = words.join(' ');
  const at = left.findIndex(({ ingredient }) => ingredient === id);
  const open = at === -1 ? left.findIndex(({ question }) => question !== null) : at;
  const found = open === -1 ? undefined : left.splice(open, 1)[0];
  if (!found) return [say(fact, 'no line', 'missed'), say(`${fact} grams`, 'no line', 'missed')];
  const asked = found.question !== null;
  const got = `${found.ingredient} ${found.grams} g of "${found.line}"`;
  const right = found.ingredient === id;
  const grams = gramsOf(id, Number(amount), unit);
  const near = grams !== null && found.grams !== null && Math.abs(found.grams / grams - 1) <= 0.06;
  const inPart = (found.part === null ? 'dough' : roleIn(found)) === part;
  return [
    say(fact, got, right ? 'right' : asked ? 'asked' : 'wrong'),
    say(`${fact} grams`, `${got}, expected ${grams}`, near ? 'right' : asked || grams === null ? 'asked' : 'wrong'),
    say(`${fact} part`, `${found.part}`, inPart ? 'right' : 'wrong'),
  ];
}

let roles = new Map<string, string>();
const roleIn = ({ part }: ReadIngredient): string => roles.get(part ?? '') ?? 'dough';

function gramsOf(id: string, amount: number, unit: string): number | null {
  const row = PANTRY.get(id);
  if (unit === 'pinch') return 0.31 * amount * (row?.bulkSpooned_g_per_ml ?? 1);
  if (!(UNITS as readonly string[]).includes(unit)) return null;
  if (unit === 'g' || unit === 'kg' || unit === 'oz' || unit === 'lb')
    return amount * { g: 1, kg: 1000, oz: 28.35, lb: 453.6 }[unit];
  if (!row) return null;
  const weight = weighIngredient(row, amount, unit as Unit, { fill: 'unknown' });
  return weight.ok ? weight.value.mass_g : null;
}

function scoreFact(key: string, value: string, reading: ReadRecipe, say: Say): Scored {
  roles = new Map(reading.parts.map(({ name, role }) => [name, role]));
  const fact = `${key} ${value}`;
  const { programme, shape, makes } = reading;
  switch (key) {
    case 'name':
      return say(fact, reading.name, reading.name.toLowerCase() === value.toLowerCase() ? 'right' : 'wrong');
    case 'cups':
      return say(
        fact,
        `${reading.cups.meant}: ${reading.cups.because}`,
        reading.cups.meant === value ? 'right' : reading.cups.question ? 'asked' : 'wrong',
      );
    case 'part': {
      const role = value.split(' ').at(-1);
      const name = value.split(' ').slice(0, -1).join(' ').toLowerCase();
      const found = reading.parts.find((part) => part.name.toLowerCase() === name);
      return say(fact, JSON.stringify(reading.parts), found?.role === role ? 'right' : found ? 'wrong' : 'missed');
    }
    case 'danger': {
      const [code] = value.split(' ');
      return say(
        fact,
        reading.cautions.map((caution) => caution.code).join(),
        reading.cautions.some((caution) => caution.code === code) ? 'right' : 'wrong',
      );
    }
    case 'on':
      return say(
        fact,
        programme?.appliance.kind ?? 'none',
        programme?.appliance.kind === value ? 'right' : programme ? (programme.question ? 'asked' : 'wrong') : 'missed',
      );
    case 'heat': {
      const got = programme
        ? stretchesOf(programme.steps)
            .map(({ what, minutes }) => `${what}/${minutes}`)
            .join(' ')
        : 'none';
      const right = programme !== null && sameHeat(value, programme.steps);
      return say(fact, got, right ? 'right' : programme === null ? 'missed' : programme.question ? 'asked' : 'wrong');
    }
    case 'shape': {
      const [method, size] = value.split(' ');
      const got = shape?.shape as Readonly<Record<string, unknown>> | undefined;
      const first = ['thickness_mm', 'slice_mm', 'diameter_mm', 'edge_mm']
        .map((name) => got?.[name])
        .find((one) => typeof one === 'number');
      const near = size === undefined || (typeof first === 'number' && Math.abs(first - Number(size)) < 0.3);
      const right = got?.method === method && near;
      return say(
        fact,
        JSON.stringify(got ?? null),
        right ? 'right' : !shape ? 'missed' : shape.question && got?.method === method ? 'asked' : 'wrong',
      );
    }
    case 'makes': {
      const [count, servings] = value.split(' ');
      const got = makes === null ? null : 'servings' in makes ? makes.servings : makes.pieces;
      const kind = makes !== null && 'servings' in makes === (servings === 'servings');
      return say(fact, JSON.stringify(makes), got === Number(count) && kind ? 'right' : makes === null ? 'missed' : 'wrong');
    }
    default:
      throw new Error(`no such fact: ${key}`);
  }
}

type Part = { readonly what: string; readonly minutes: number };

/** Holds at one heat are one, whatever is done in between. */
function stretchesOf(steps: readonly HeatStep[]): Part[] {
  const parts: Part[] = [];
  for (const step of steps) {
    if (!('minutes' in step) || step.do === 'cool') continue;
    const what = step.do === 'hold' ? String(step.setpoint_c) : step.do;
    const last = parts.at(-1);
    if (last && last.what === what && step.do === 'hold')
      parts[parts.length - 1] = { what, minutes: last.minutes + step.minutes };
    else parts.push({ what, minutes: step.minutes });
  }
  return parts;
}

const ends = (words: string): [number, number] => {
  const [low, high = low] = words.split('-').map(Number);
  return [low, high];
};

/** Whether a programme is the written one: the same stretches, each within its range, and a turn where one is written. */
function sameHeat(fact: string, steps: readonly HeatStep[]): boolean {
  const words = fact.split(' ').filter((word) => word !== 'cool');
  const wanted: Array<{ what: string; low: number; high: number }> = [];
  for (const word of words) {
    if (!/\d/.test(word) && !['off', 'freeze', 'chill'].includes(word)) continue;
    const [what, minutes] = word.split('/');
    const [low, high] = minutes === undefined ? [0, Infinity] : ends(minutes);
    const last = wanted.at(-1);
    if (last && last.what === what && /\d/.test(what)) [last.low, last.high] = [last.low + low, last.high + high];
    else wanted.push({ what, low, high });
  }
  const got = stretchesOf(steps);
  if (words.includes('turn') && !steps.some(({ do: step }) => step === 'turn')) return false;
  if (words.includes('snap-apart') && !steps.some(({ do: step }) => step === 'snap-apart')) return false;
  return (
    got.length === wanted.length &&
    wanted.every(({ what, low, high }, i) => {
      const minutes = got[i].minutes;
      const sameWhat = /^\d/.test(what)
        ? Number(got[i].what) >= ends(what)[0] - 2 && Number(got[i].what) <= ends(what)[1] + 2
        : got[i].what === what;
      return sameWhat && minutes >= low - 1 && minutes <= high + 1;
    })
  );
}

/** Shares of a set [%]. */
export function shares(scored: readonly Scored[]): {
  readonly facts: number;
  readonly good_pct: number;
  readonly wrong_pct: number;
} {
  const share = (verdicts: readonly Verdict[]): number =>
    (100 * scored.filter(({ verdict }) => verdicts.includes(verdict)).length) / scored.length;
  return { facts: scored.length, good_pct: share(['right', 'asked']), wrong_pct: share(['wrong']) };
}
