import { describe, expect, it } from 'vitest';
import { mergeFields } from './merge-fields';

type Dog = { readonly name: string; readonly avoids: readonly string[]; readonly note?: string };
const base: Dog = { name: 'Pip', avoids: [], note: 'small' };

describe('merging two changed versions', () => {
  it('takes from each side what it changed', () => {
    expect(mergeFields(base, { ...base, name: 'Pippa' }, { ...base, avoids: ['egg'] })).toEqual({
      name: 'Pippa',
      avoids: ['egg'],
      note: 'small',
    });
  });
  it('takes away what one side took away', () => {
    const { note: _note, ...bare } = base;
    expect(mergeFields<Dog>(base, bare, { ...base, name: 'Pippa' })).toEqual({ name: 'Pippa', avoids: [] });
  });
  it('gives up when both changed one field, and not when they changed it alike', () => {
    expect(mergeFields(base, { ...base, avoids: ['egg'] }, { ...base, avoids: ['wheat'] })).toBeNull();
    expect(mergeFields(base, { ...base, avoids: ['egg'] }, { ...base, avoids: ['egg'] })?.avoids).toEqual(['egg']);
  });
});
