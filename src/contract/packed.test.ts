import { expect, it } from 'vitest';
import { PANTRY } from '../../tests/reference/shipped';
import { packed, unpacked } from './packed';

it('rows come back as they were, also those that leave something out, in less than half the room', () => {
  const rows: object[] = [{ a: 1, b: null }, { a: 2, c: [1, 2] }, {}];
  expect(unpacked(packed(rows))).toStrictEqual(rows);
  const pantry = [...PANTRY.values()];
  expect(unpacked(packed(pantry))).toStrictEqual(pantry);
  expect(JSON.stringify(packed(pantry)).length).toBeLessThan(0.5 * JSON.stringify(pantry).length);
});
