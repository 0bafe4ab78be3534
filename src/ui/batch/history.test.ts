import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { begin, edit, redo, undo } from './history';

const document = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const thick = (history: { document: BatchDocument }): number | undefined =>
  (history.document.shape as { thickness_mm?: number }).thickness_mm;

describe('the way back', () => {
  it('a drag of many frames is one step of undo', () => {
    let history = begin(document);
    for (let frame = 0; frame < 50; frame++) history = edit(history, ['shape', 'thickness_mm'], 6 + frame / 100, frame * 16);
    expect(history.done).toHaveLength(1);
    expect(thick(undo(history))).toBe(6.4);
  });
  it('two moves with a rest between them are two', () => {
    const history = edit(edit(begin(document), ['shape', 'thickness_mm'], 7, 0), ['shape', 'thickness_mm'], 8, 5000);
    expect(thick(undo(history))).toBe(7);
    expect(thick(undo(undo(history)))).toBe(6.4);
  });
  it('undone edits come back in order, until something new is done', () => {
    const two = edit(edit(begin(document), ['shape', 'thickness_mm'], 7, 0), ['name'], 'Other', 10);
    const back = undo(undo(two));
    expect(redo(redo(back)).document).toEqual(two.document);
    expect(edit(back, ['name'], 'New', 20).undone).toEqual([]);
  });
  it('taking back a key that was not there removes it again', () => {
    const history = edit(begin(document), ['shape', 'edge_mm'], 5, 0);
    expect(undo(history).document).toEqual(document);
  });
  it('leaves untouched parts as they are, so that only what changed is drawn again', () => {
    const history = edit(begin(document), ['shape', 'thickness_mm'], 5, 0);
    expect(history.document.heat).toBe(document.heat);
  });
  it('with nothing to undo nothing happens', () => expect(undo(begin(document)).document).toBe(document));
});
