import { isTag, type ChildNode, type Element } from 'domhandler';
import { findAll } from 'domutils';
import type { StructuredRecipe } from './structured';
import { isoMinutes } from './ld-json';
import { wordsOf } from './plain-words';

const isRecipe = ({ attribs }: Element): boolean =>
  /schema\.org\/Recipe\b/i.test(attribs.itemtype ?? '') || /^(?:schema:)?Recipe$/.test(attribs.typeof ?? '');
const names = ({ attribs }: Element): string[] =>
  (attribs.itemprop ?? attribs.property ?? '').replace(/schema:/g, '').split(/\s+/);

/** The words of a property: what its attribute says, or what is read there. */
const wordsIn = (element: Element): string => element.attribs.content ?? element.attribs.datetime ?? wordsOf(element.children);

/** Every recipe that a page marks up in its own elements (microdata or RDFa). */
export function recipesInMarkup(nodes: ChildNode[]): StructuredRecipe[] {
  return findAll(isRecipe, nodes).flatMap((recipe): StructuredRecipe[] => {
    const having = (name: string): Element[] =>
      findAll((element) => isTag(element) && names(element).includes(name), recipe.children);
    const lines = (name: string): string[] =>
      having(name)
        .flatMap((element) => wordsIn(element).split('\n'))
        .filter(Boolean);
    const ingredients = [...lines('recipeIngredient'), ...lines('ingredients')];
    if (ingredients.length === 0) return [];
    const steps = having('recipeInstructions')
      .flatMap((element) => wordsOf(element.children).split('\n'))
      .filter(Boolean);
    const times = (['prepTime', 'cookTime'] as const).flatMap((name) => {
      const minutes = isoMinutes(lines(name)[0] ?? '');
      return minutes === null ? [] : [`${name === 'prepTime' ? 'Prep' : 'Cook'} time: ${minutes} minutes`];
    });
    const [makes] = lines('recipeYield');
    const [name = ''] = lines('name');
    return [
      {
        name,
        ingredients,
        steps,
        said: [...(makes ? [/^(?:makes|serves|yield)/i.test(makes) ? makes : `Makes ${makes}`] : []), ...times],
      },
    ];
  });
}
