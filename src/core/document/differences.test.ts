import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { applyEdit, editTo, type Path } from './edit';
import { differences } from './differences';
import { type BatchDocument } from './document';

const hillbars = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const edited = (path: Path, to: unknown): BatchDocument => applyEdit(hillbars, editTo(hillbars, path, to));

describe('what was done otherwise', () => {
  it('is nothing for the same batch, whatever it is called', () => {
    expect(differences(hillbars, hillbars)).toEqual([]);
    expect(differences(hillbars, { ...hillbars, name: 'Another' })).toEqual([]);
  });
  it('is told by its keys', () => {
    expect(differences(hillbars, edited(['heat', 'steps', 2, 'minutes'], 95))).toEqual([
      { path: ['heat', 'steps', 2, 'minutes'], one: 65, other: 95 },
    ]);
    const [damp] = differences(hillbars, edited(['kitchen', 'room_rh_pct'], 80));
    expect(damp.path[0]).toBe('kitchen');
  });
  it('finds an ingredient again wherever it stands in the list', () => {
    const { ingredients } = hillbars.recipe;
    const turned = { ...hillbars, recipe: { ...hillbars.recipe, ingredients: [...ingredients].reverse() } };
    expect(differences(hillbars, turned)).toEqual([]);
    const less = { ...hillbars, recipe: { ...hillbars.recipe, ingredients: ingredients.slice(1) } };
    expect(differences(hillbars, less)).toEqual([
      { path: ['recipe', 'ingredients', ingredients[0].ingredient], one: ingredients[0], other: undefined },
    ]);
  });
});
