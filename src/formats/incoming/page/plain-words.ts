import { parseDocument } from 'htmlparser2';
import { isTag, isText, type ChildNode } from 'domhandler';

/** What ends a line where it stands. */
const BLOCKS = new Set(
  'address article aside blockquote br dd div dl dt fieldset figcaption figure footer h1 h2 h3 h4 h5 h6 header hr li main nav ol p pre section table tbody td tfoot th thead tr ul'.split(
    ' ',
  ),
);
/** What nobody reads on the page. */
const UNREAD = new Set('script style noscript template svg iframe head nav footer form button select aside object'.split(' '));
const CELLS = new Set(['td', 'th']);

/** The words of a node, a line a block; cells of a row stand beside each other. */
export function wordsOf(nodes: readonly ChildNode[]): string {
  const out: string[] = [];
  const walk = (node: ChildNode): void => {
    if (isText(node)) out.push(node.data.replace(/\s+/g, ' '));
    else if (isTag(node) && !UNREAD.has(node.name)) {
      const block = BLOCKS.has(node.name) && !CELLS.has(node.name);
      if (block) out.push('\n');
      for (const child of node.children) walk(child);
      if (CELLS.has(node.name)) out.push(' ');
      if (block) out.push('\n');
    }
  };
  for (const node of nodes) walk(node);
  return out
    .join('')
    .split('\n')
    .map((line) => line.replace(/\s+/g, ' ').trim())
    .filter(Boolean)
    .join('\n');
}

/** Text that may hold tags and entities, entities of entities too, as plain words. */
export function plain(text: string): string {
  let words = text;
  for (let layer = 0; layer < DEEPEST; layer++) {
    if (!/[<&]/.test(words)) break;
    const next = wordsOf(parseDocument(words).children);
    if (next === words) break;
    words = next;
  }
  return words.trim();
}
/** Entities are encoded twice at times, not oftener. */
const DEEPEST = 3;
