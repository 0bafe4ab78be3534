import { describe, expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { writtenRecipes } from '../../../tests/written/score';
import { stillAssumed, type BatchDocument } from '@/core/document';
import { predict } from '@/core/prediction';
import { checkBatch } from '../read-batch';
import { readRecipeText, type ReadRecipe } from '../recipe-text';
import { answerKey, draftOf } from '.';

function reading(text: string): ReadRecipe {
  const read = readRecipeText(text, PANTRY);
  if (!read.ok) throw new Error(read.message);
  return read.value;
}
function drafted(text: string, answers = {}): BatchDocument {
  const { document } = draftOf(reading(text), answers, PANTRY);
  if (!document) throw new Error('no document');
  return document;
}

describe('what was read as a document', () => {
  it.each(['first-set.txt', 'second-set.txt', 'third-set.txt'])(
    'is one that can be checked and predicted, for nearly all of %s',
    (file) => {
      const recipes = writtenRecipes(file);
      const failing = recipes.filter(({ text }) => {
        const { document } = draftOf(reading(text), {}, PANTRY);
        if (!document) return true;
        return !checkBatch(JSON.parse(JSON.stringify(document))).ok || !predict(document, { pantry: PANTRY }, 'quick').ok;
      });
      expect(failing.length).toBeLessThanOrEqual(recipes.length / 20);
    },
    60_000,
  );
  it('has the programme, shape, promises and parts as written', () => {
    const document = drafted(
      'Snaps\n200 g oat flour\n80 g water\nGlaze:\n2 tbsp yogurt\nRoll 5 mm, cut 4 cm rounds. Bake at 170 C for 30 minutes. Drizzle with the glaze. Makes 40. Keeps 2 weeks in a jar.',
    );
    expect(document).toMatchObject({
      recipe: {
        parts: [{ name: 'Glaze', role: 'drizzle' }],
        promises: { pieces: 40, minutes: 30, keeps: [{ store: 'room', days: 14 }] },
      },
      shape: { thickness_mm: 5, cutter: { length_mm: 40 } },
      heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 30 }] },
      pack: [{ option: 'clip-jar', store: 'room' }],
      target: { keeps_days_min: 14 },
    });
    expect(stillAssumed(document)).toEqual(['heat.appliance.kind']);
  });
  it('marks what no words said, until it is changed', () => {
    const document = drafted('Snaps\n200 g oat flour\n80 g water');
    expect(stillAssumed(document)).toEqual(['heat', 'shape']);
    expect(stillAssumed({ ...document, shape: { method: 'roll-and-cut', thickness_mm: 9 } })).toEqual(['heat']);
  });
  it('keeps a range, and the words of a danger, with their line', () => {
    const [, water, butter] = drafted('200 g oat flour\n3 to 5 tbsp water\n2 tbsp peanut butter (with xylitol)').recipe
      .ingredients;
    expect(water).toMatchObject({ amount: 4, amount_low: 3, amount_high: 5, unit: 'tbsp' });
    expect(butter.note).toBe('2 tbsp peanut butter (with xylitol)');
  });
});

describe('what waits for an answer', () => {
  const TEXT = '200 g oat flour\n80 g water\n1 cup hemp milk';
  const read = reading(TEXT);
  const key = answerKey(read.ingredients, 2);
  it('stays out of the dough and is told, not dropped', () => {
    const { document, waiting } = draftOf(read, {}, PANTRY);
    expect(waiting).toEqual([2]);
    expect(document?.recipe.ingredients).toHaveLength(2);
    expect(document?.recipe.summary).toContain('1 cup hemp milk');
  });
  it('comes in with its measure once it is answered, or with a weight, or is left out on purpose', () => {
    const answered = draftOf(read, { [key]: { ingredient: 'milk_whole' } }, PANTRY).document?.recipe.ingredients[2];
    expect(answered).toMatchObject({ ingredient: 'milk_whole', amount: 1 });
    const weighed = draftOf(read, { [key]: { ingredient: 'milk_whole', grams: 90 } }, PANTRY).document?.recipe.ingredients[2];
    expect(weighed).toMatchObject({ amount: 90, unit: 'g' });
    expect(draftOf(read, { [key]: { out: true } }, PANTRY)).toMatchObject({ waiting: [] });
  });
  it('answers stand when lines before them come and go, and two alike lines have two', () => {
    const twice = reading(`1 egg\n1 egg\n${TEXT}`);
    expect(answerKey(twice.ingredients, 4)).toBe(key);
    expect(new Set(twice.ingredients.map((_, i) => answerKey(twice.ingredients, i))).size).toBe(5);
  });
});
