import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { applyEdit, editTo, invertEdit, mergeEdits, valueAt, type Path } from './edit';

const DOCUMENT = {
  name: 'Bars',
  shape: { thickness_mm: 6, cutter: { outline: 'bone' } },
  steps: [{ do: 'hold', minutes: 20 }, { do: 'turn' }],
};

describe('an edit', () => {
  it('changes one value and leaves the rest as the same objects', () => {
    const next = applyEdit(DOCUMENT, editTo(DOCUMENT, ['shape', 'thickness_mm'], 7));
    expect(next.shape.thickness_mm).toBe(7);
    expect(next.shape.cutter).toBe(DOCUMENT.shape.cutter);
    expect(next.steps).toBe(DOCUMENT.steps);
    expect(DOCUMENT.shape.thickness_mm).toBe(6);
  });
  it('makes what is missing on its way', () => {
    const made = applyEdit<Record<string, unknown>>({}, { path: ['kitchen', 'room_c'], before: undefined, after: 19 });
    expect(made).toEqual({ kitchen: { room_c: 19 } });
    expect(applyEdit<Record<string, unknown>>({}, { path: ['pack', 0, 'option'], before: undefined, after: 'tin' })).toEqual({
      pack: [{ option: 'tin' }],
    });
  });
  it('with nothing as its value takes a key or a list entry out', () => {
    expect(applyEdit(DOCUMENT, editTo(DOCUMENT, ['name'], undefined))).not.toHaveProperty('name');
    expect(applyEdit(DOCUMENT, editTo(DOCUMENT, ['steps', 0], undefined)).steps).toEqual([{ do: 'turn' }]);
  });
  it('knows what stood there', () => {
    expect(valueAt(DOCUMENT, ['steps', 0, 'minutes'])).toBe(20);
    expect(valueAt(DOCUMENT, ['steps', 9, 'minutes'])).toBeUndefined();
  });
  it('merges with the next of the same thing, and with no other', () => {
    const first = editTo(DOCUMENT, ['shape', 'thickness_mm'], 7);
    expect(mergeEdits(first, { ...first, before: 7, after: 9 })).toEqual({ path: first.path, before: 6, after: 9 });
    expect(mergeEdits(first, editTo(DOCUMENT, ['name'], 'Other'))).toBeNull();
    expect(mergeEdits(first, editTo(DOCUMENT, ['shape'], {}))).toBeNull();
  });
  it('a line added is a step of its own, however quickly the next follows', () => {
    const more = editTo(DOCUMENT, ['steps'], [...DOCUMENT.steps, { do: 'stir' }]);
    expect(mergeEdits(more, { ...more, before: more.after, after: DOCUMENT.steps })).toBeNull();
    const same = editTo(DOCUMENT, ['steps'], [...DOCUMENT.steps].reverse());
    expect(mergeEdits(same, { ...same, before: same.after, after: DOCUMENT.steps })).not.toBeNull();
  });
  it('any chain of edits taken back in reverse gives the document back', () => {
    const path = fc.constantFrom<Path>(
      ['name'],
      ['shape', 'thickness_mm'],
      ['shape', 'cutter'],
      ['steps', 0, 'minutes'],
      ['target', 'snap_min'],
    );
    const value = fc.oneof(fc.integer(), fc.string(), fc.constant(undefined), fc.constant({ outline: 'fish' }));
    fc.assert(
      fc.property(fc.array(fc.tuple(path, value), { maxLength: 12 }), (chain) => {
        let now: unknown = DOCUMENT;
        const made = chain.map(([at, after]) => {
          const edit = editTo(now, at, after);
          now = applyEdit(now, edit);
          return edit;
        });
        for (const edit of made.reverse()) now = applyEdit(now, invertEdit(edit));
        // A key made on the way to a deeper one may stay behind, empty.
        const { target, ...rest } = now as Record<string, unknown>;
        expect(rest).toEqual(DOCUMENT);
        expect(target ?? {}).toEqual({});
      }),
      { seed: 4 },
    );
  });
});
