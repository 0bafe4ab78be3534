import { PART_ROLES, type FinishRole, type PartRole } from '@/core/catalogue';
import type { Recipe, RecipeLine, RecipePart } from '@/core/document';

/** What can be put on, in or round a dough, as it is offered. */
export const FINISHES = PART_ROLES.filter((role): role is FinishRole => role !== 'dough');

const NAMES: Record<PartRole, string> = {
  dough: 'Dough',
  filling: 'Filling',
  shell: 'Shell',
  frosting: 'Frosting',
  dip: 'Dip',
  drizzle: 'Drizzle',
  wash: 'Wash',
  sprinkle: 'Sprinkle',
  dusting: 'Dusting',
  border: 'Biscuits round the side',
};
export const roleName = (role: PartRole): string => NAMES[role];

/** The recipe with one part more, under a name of its own. */
export function withPart(recipe: Recipe, role: FinishRole): Recipe {
  const { parts = [] } = recipe;
  const taken = new Set(parts.map(({ name }) => name));
  const name = [NAMES[role], ...Array.from({ length: parts.length + 1 }, (_, i) => `${NAMES[role]} ${i + 2}`)].find(
    (one) => !taken.has(one),
  );
  return { ...recipe, parts: [...parts, { name: name ?? NAMES[role], role }] };
}

/** The recipe with a part changed; a new name goes with its lines. */
export function changedPart(recipe: Recipe, at: number, next: RecipePart): Recipe {
  const { parts = [] } = recipe;
  const old = parts[at];
  if (parts.some(({ name }, i) => i !== at && name === next.name)) return recipe;
  return {
    ...recipe,
    parts: parts.map((part, i) => (i === at ? next : part)),
    ingredients: recipe.ingredients.map((line) => (line.part === old.name ? { ...line, part: next.name } : line)),
  };
}

/** The recipe without a part and its lines; the last line of a recipe stays, as dough. */
export function withoutPart(recipe: Recipe, at: number): Recipe {
  const { parts = [], ...rest } = recipe;
  const left = parts.filter((_, i) => i !== at);
  const others = recipe.ingredients.filter(({ part }) => part !== parts[at].name);
  const ingredients = others.length > 0 ? others : recipe.ingredients.slice(0, 1).map((line) => intoPart(line, null));
  return { ...rest, ingredients, ...(left.length > 0 ? { parts: left } : {}) };
}

/** A line moved into another part; null for the dough. */
export function intoPart(line: RecipeLine, part: string | null): RecipeLine {
  const { part: _old, ...rest } = line;
  return part === null ? rest : { ...rest, part };
}
