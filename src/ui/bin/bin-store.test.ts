import { describe, expect, it } from 'vitest';
import { binnedWords } from './bin-store';

describe('what was taken away', () => {
  it.each([
    [[{ id: '1', kind: 'recipe', name: 'Hillbars' }], 'Hillbars is in the bin.'],
    [[{ id: '1', kind: 'photo', name: '' }], 'The photo is in the bin.'],
    [
      [
        { id: '1', kind: 'batch', name: 'One' },
        { id: '2', kind: 'batch', name: 'Other' },
      ],
      '2 batches are in the bin.',
    ],
    [
      [
        { id: '1', kind: 'batch', name: 'One' },
        { id: '2', kind: 'recipe', name: 'Other' },
      ],
      '2 things are in the bin.',
    ],
  ] as const)('is told: %j', (binned, words) => expect(binnedWords(binned)).toBe(words));
});
