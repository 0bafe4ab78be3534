import type { BatchDocument } from '@/core/document';
import { LARGEST_FILE } from '@/core/document';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import type { Pantry } from '@/core/pantry';
import { isBatchFile } from '../is-batch-file';
import { readBatch } from '../read-batch';
import { readRecipeText, readSorted, type ReadRecipe, type ReadingChoice } from '../recipe-text';
import { recipesInJson } from './page/ld-json';
import { readPage } from './page/read-page';
import { sortStructure, wordsOfStructure } from './page/sort-structure';
import type { StructuredRecipe } from './page/structured';
import { looksLikeSheet, readSheet } from './sheet/read-sheet';
import { rowsOfText, rowsOfWorkbook, type Rows } from './sheet/rows-of';

/** What came in: one of our own documents, or a recipe that was read, with the names of others that the page holds. */
export type ReadIncoming =
  | { readonly kind: 'document'; readonly document: BatchDocument }
  | { readonly kind: 'reading'; readonly reading: ReadRecipe; readonly text: string; readonly recipes: readonly string[] };

export type IncomingChoice = ReadingChoice & {
  /** Which of several recipes of a page, counted from 0. */
  readonly recipe?: number;
};

const ZIP = [0x50, 0x4b] as const;
/** Longest page [characters]: a saved page carries styles and scripts beside its recipe. Source: ours. */
const LARGEST_PAGE = 4e6;

/** Reads whatever a baker has a recipe in, told apart by its content. */
export function readAny(content: string | Uint8Array, pantry: Pantry, choice: IncomingChoice = {}): Result<ReadIncoming> {
  if (typeof content !== 'string') {
    if (content[0] === ZIP[0] && content[1] === ZIP[1]) {
      const rows = rowsOfWorkbook(content);
      return rows.ok ? fromRows(rows.value, pantry, choice) : rows;
    }
    return readAny(decoded(content), pantry, choice);
  }
  const start = content.replace(/^\uFEFF/, '').trimStart();
  const page = isPage(start);
  const most = page ? LARGEST_PAGE : LARGEST_FILE;
  if (start.length > most)
    return fail('TOO_LARGE', `This is larger than ${most / 1e6} MB, more than any recipe. Is it the right file?`);
  if (isBatchFile(start)) return asDocument(readBatch(start));
  if (/^[[{]/.test(start)) {
    const recipes = recipesInJson(start);
    if (recipes === null && !/^\[[^\]"{]*\]/.test(start))
      return fail('NOT_JSON', 'This is no readable JSON-LD. Save the whole page, or paste the text of its recipe.');
    if (recipes !== null) return fromStructures(recipes, pantry, choice);
  }
  if (page) return fromPage(start, pantry, choice);
  const rows = mayBeSheet(start) ? rowsOfText(start) : null;
  if (rows?.ok === false) return rows;
  if (rows && looksLikeSheet(rows.value)) return fromRows(rows.value, pantry, choice);
  return fromWords(start, pantry, choice);
}

/** UTF-8, or what Windows writes where it is none. */
function decoded(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}

/** Markup, and not a recipe that only begins with an angle bracket. */
const isPage = (text: string): boolean =>
  /^<(?:!doctype|html|head|body|!--|\?xml|script|div|main|article|section|meta|h1|p|ul|table)\b/i.test(text);

/** Nearly every line is parted by the same kind of mark: words with a table in them are read as words. */
function mayBeSheet(text: string): boolean {
  const lines = text.split(/\r?\n/, MANY_LINES).filter((line) => line.trim() !== '');
  return [',', ';', '\t', '|'].some((mark) => lines.filter((line) => line.includes(mark)).length >= MOSTLY * lines.length);
}
/** Share of lines that makes a text a table [1], and lines that are looked at. Source: ours. */
const MOSTLY = 0.75;
const MANY_LINES = 200;

const asDocument = (document: Result<BatchDocument>): Result<ReadIncoming> =>
  document.ok ? succeed({ kind: 'document', document: document.value }) : document;

function fromWords(text: string, pantry: Pantry, choice: IncomingChoice): Result<ReadIncoming> {
  const reading = readRecipeText(text, pantry, choice);
  return reading.ok ? succeed({ kind: 'reading', reading: reading.value, text, recipes: [] }) : reading;
}

function fromPage(html: string, pantry: Pantry, choice: IncomingChoice): Result<ReadIncoming> {
  const page = readPage(html);
  if (!page.ok) return page;
  if (page.value.kind === 'recipes') return fromStructures(page.value.recipes, pantry, choice);
  const read = fromWords(page.value.text, pantry, choice);
  if (read.ok && read.value.kind === 'reading' && read.value.reading.ingredients.length === 0)
    return fail('MISSING_VALUE', SENTENCES.noRecipeOnPage);
  return read;
}

function fromStructures(recipes: readonly StructuredRecipe[], pantry: Pantry, choice: IncomingChoice): Result<ReadIncoming> {
  const chosen = recipes[choice.recipe ?? 0] ?? recipes[0];
  if (!chosen) return fail('MISSING_VALUE', 'There is no schema.org/Recipe in this. Paste its text instead.', '@type');
  if (chosen.document) return succeed({ kind: 'document', document: chosen.document });
  if (chosen.ingredients.length === 0)
    return fail('MISSING_VALUE', 'This recipe lists no ingredients. Paste its text instead.', 'recipeIngredient');
  const text = wordsOfStructure(chosen);
  const reading = readSorted(sortStructure(chosen, pantry), text, pantry, choice);
  return succeed({ kind: 'reading', reading, text, recipes: recipes.length > 1 ? recipes.map(({ name }) => name) : [] });
}

function fromRows(rows: Rows, pantry: Pantry, choice: IncomingChoice): Result<ReadIncoming> {
  const sheet = readSheet(rows, pantry);
  if (!sheet.ok) return sheet;
  if (sheet.value.kind === 'document') return succeed(sheet.value);
  const { sorted } = sheet.value;
  const text = [sorted.name, ...sorted.items.map((item) => item.text), ...sorted.steps].join('\n');
  return succeed({ kind: 'reading', reading: readSorted(sorted, text, pantry, choice), text, recipes: [] });
}
