import { describe, expect, it } from 'vitest';
import { mix } from '../../../tests/reference/shipped';
import { cautionsTogether } from './told-cautions';

const warm = (severity: 'stop' | 'mind', message: string) => ({ code: 'core-low', severity, step: 'heat' as const, message });
const vet = { code: 'vet', severity: 'note' as const, step: 'feed' as const, message: 'Ask.' };
const contains = (message: string) => ({ code: 'allergens', severity: 'note' as const, step: 'feed' as const, message });
const oat = mix({ flour_oat: 100 });
const iced = mix({ flour_oat: 100, yogurt_plain: 10, egg_whole: 5 });

describe('cautions of a bowl in portions', () => {
  it('name the allergens of every portion, whichever comes last', () => {
    for (const portions of [
      [
        { name: 'Iced', lines: iced },
        { name: 'Bare', lines: oat },
      ],
      [
        { name: 'Bare', lines: oat },
        { name: 'Iced', lines: iced },
      ],
    ]) {
      const [told] = cautionsTogether(portions.map((one) => ({ ...one, cautions: [contains('Contains: something.')] })));
      for (const word of ['dairy', 'egg', 'oat']) expect(told.message).toContain(word);
    }
  });
  it('are as grave as they are anywhere, and say of which portion', () => {
    const [stop, note] = cautionsTogether([
      { name: 'Bones', lines: oat, cautions: [vet, warm('stop', '60 °C.')] },
      { name: 'Minis', lines: oat, cautions: [vet, warm('mind', '69 °C.')] },
    ]);
    expect(stop).toMatchObject({ severity: 'stop', message: 'Bones: 60 °C. Minis: 69 °C.' });
    expect(note).toEqual(vet);
  });
  it('say whose they are where the others have none', () =>
    expect(
      cautionsTogether([
        { name: 'Bones', lines: oat, cautions: [] },
        { name: 'Minis', lines: oat, cautions: [warm('mind', '69 °C.')] },
      ])[0].message,
    ).toBe('Minis: 69 °C.'));
});
