import { Parser, parseDocument } from 'htmlparser2';
import { isTag, isText, type ChildNode, type Element } from 'domhandler';
import { findAll } from 'domutils';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { LONGEST_TEXT } from '../../recipe-text';
import { recipesInJson } from './ld-json';
import { recipesInMarkup } from './microdata';
import { wordsOf } from './plain-words';
import type { StructuredRecipe } from './structured';

/** What a page holds: recipes as structure, or only words. */
export type ReadPage =
  | { readonly kind: 'recipes'; readonly recipes: readonly StructuredRecipe[] }
  | { readonly kind: 'words'; readonly text: string };

/**
 * Finds the recipes of a saved page: those it publishes as JSON-LD, those it marks up, else the words one reads on it.
 *
 * @returns MISSING_VALUE where a page holds no word of a recipe
 */
export function readPage(html: string): Result<ReadPage> {
  const published = jsonScripts(html)
    .flatMap((script) => recipesInJson(script) ?? [])
    .filter(hasList);
  if (published.length > 0) return succeed({ kind: 'recipes', recipes: distinct(published) });
  const { children } = parseDocument(html);
  const marked = recipesInMarkup(children).filter(hasList);
  if (marked.length > 0) return succeed({ kind: 'recipes', recipes: distinct(marked) });
  const text = recipeRegion(children);
  return text === '' ? fail('MISSING_VALUE', SENTENCES.noRecipeOnPage) : succeed({ kind: 'words', text });
}

/** The JSON-LD of a page, without making a tree of the rest of it. */
function jsonScripts(html: string): string[] {
  const found: string[] = [];
  let inside = false;
  const parser = new Parser({
    onopentag: (name, { type = '' }) => {
      inside = name === 'script' && /ld\+json/i.test(type);
      if (inside) found.push('');
    },
    ontext: (text) => {
      if (inside) found[found.length - 1] += text;
    },
    onclosetag: () => {
      inside = false;
    },
  });
  parser.end(html);
  return found;
}

const textIn = (script: Element): string => script.children.map((child) => (isText(child) ? child.data : '')).join('');
const hasList = ({ ingredients, document }: StructuredRecipe): boolean => ingredients.length > 0 || document !== undefined;

/** A page often publishes the same recipe twice. */
const distinct = (recipes: readonly StructuredRecipe[]): StructuredRecipe[] => {
  const seen = new Set<string>();
  return recipes.filter(({ name, ingredients }) => {
    const key = `${name}|${ingredients.join('|')}`;
    return seen.has(key) ? false : Boolean(seen.add(key));
  });
};

/** The words of a page from the heading before its list of ingredients to the end of its steps. */
function recipeRegion(nodes: ChildNode[]): string {
  const [main] = findAll((element) => element.name === 'main' || element.name === 'article', nodes);
  const words = wordsOf(main ? main.children : nodes);
  const lines = words.split('\n');
  const list = lines.findIndex((line) => /^ingredients?\b.{0,20}$/i.test(line));
  if (list === -1) return words.slice(0, LONGEST_TEXT);
  const title = titleOf(nodes);
  const from = lines.slice(list);
  const end = from.findIndex((line, i) => i > 3 && AFTER.test(line));
  const region = (end === -1 ? from : from.slice(0, end)).join('\n');
  // "Makes 40" stands before the list as often as after it.
  const before = lines
    .slice(Math.max(0, list - LINES_BEFORE), list)
    .filter((line) => /^(?:makes|serves|yields?|servings)\b/i.test(line));
  return [title, ...before, region].filter(Boolean).join('\n').slice(0, LONGEST_TEXT);
}
const LINES_BEFORE = 12;
/** What follows a recipe on a page. */
const AFTER =
  /^(?:comments?|leave a (?:reply|comment)|related|you may also like|share this|nutrition(?: facts)?|rate this|reviews?|more recipes)\b/i;

function titleOf(nodes: ChildNode[]): string {
  const [heading] = findAll((element) => isTag(element) && element.name === 'h1', nodes);
  const [title] = findAll((element) => element.name === 'title', nodes);
  const words = heading ? wordsOf(heading.children) : title ? textIn(title) : '';
  return (
    words
      .split('\n')[0]
      .trim()
      .split(/\s+[|–—]\s+/)[0] ?? ''
  );
}
