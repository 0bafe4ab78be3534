/** What labels say is in the treats, against the same worked out by hand from the files. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { labelFacts } from '@/core/outcomes';
import { predict } from '@/core/prediction';
import { allergensByHand, orderByHand, type Written } from './label-by-hand';
import { PANTRY } from './shipped';

const FOLDER = 'data/recipes';
const FILES = readdirSync(FOLDER).filter((name) => name.endsWith('.json'));
const read = (file: string): BatchDocument & Written =>
  JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as BatchDocument & Written;

/** The label's facts, and how much of each part ends on the treats. */
function labelled(document: BatchDocument) {
  const run = predict(document, { pantry: PANTRY }, 'light');
  if (!run.ok) throw new Error(run.message);
  const { prediction } = run.value;
  const lines = prediction.dough.ingredients.flatMap(({ ingredient, eaten_g }) => {
    const row = PANTRY.get(ingredient);
    return row ? [{ ingredient: row, mass_g: eaten_g }] : [];
  });
  const onTreat_g = (name: string): number => prediction.parts.find((one) => one.name === name)?.on_treat_g ?? 0;
  return {
    facts: labelFacts(document, prediction, lines, { name: 'Cairnhope', baked_on: '2026-11-21' }),
    factor: prediction.dough.factor,
    onTreat_g,
  };
}

describe.each(FILES)('the label of %s', (file) => {
  const document = read(file);
  const { facts, factor, onTreat_g } = labelled(document);
  it('lists what is eaten, heaviest first', () =>
    expect(facts.ingredients.map(({ name }) => name)).toEqual(orderByHand(document, factor, onTreat_g)));
  it('names the allergens of dough and finish', () =>
    expect([...facts.allergens].sort()).toEqual(allergensByHand(document, onTreat_g)));
});

describe('a finish', () => {
  const finished = FILES.map(read).filter(({ recipe }) => (recipe.parts ?? []).some(({ role }) => role !== 'dough'));
  it('is on several of the demo’s treats', () => expect(finished.length).toBeGreaterThanOrEqual(4));
  it('never takes an allergen away', () => {
    for (const document of finished) {
      const { parts = [], ...recipe } = document.recipe;
      const dough = parts.filter(({ role }) => role === 'dough');
      const bare: BatchDocument = {
        ...document,
        recipe: {
          ...recipe,
          ...(dough.length > 0 ? { parts: dough } : {}),
          ingredients: recipe.ingredients.filter(({ part }) => part === undefined || dough.some(({ name }) => name === part)),
        },
        heat: { ...document.heat, steps: document.heat.steps.filter((step) => !('part' in step) && step.do !== 'dry-coat') },
      };
      const without = labelled(bare).facts;
      const { facts } = labelled(document);
      expect(facts.allergens, document.name).toEqual(expect.arrayContaining([...without.allergens]));
    }
  });
});
