import { expect, it } from 'vitest';
import { PANTRY } from '../../../tests/reference/shipped';
import { withOwnPantry, withSharedPantry } from './shared-pantry';

it('a pantry crosses to a worker once, and what is asked beside it as it is', () => {
  const ask = { document: { name: 'Bars' }, pantry: PANTRY };
  const sent = withSharedPantry(ask);
  expect(sent.pantry).not.toBe(PANTRY);
  expect(withSharedPantry({ ...ask }).pantry).toBe(sent.pantry);
  const read = withOwnPantry(structuredClone(sent));
  expect(read).toEqual(ask);
  expect(withOwnPantry(structuredClone(sent)).pantry).toBe(read.pantry);
  const other = new Map([...PANTRY].slice(1));
  expect(withOwnPantry(structuredClone(withSharedPantry({ pantry: other }))).pantry).toEqual(other);
  for (const plain of ['text', null, { document: 1 }, { pantry: [1] }]) expect(withOwnPantry(plain)).toBe(plain);
});
