/** A house that was begun empty, with other devices let in before there is a kitchen: who looks after it is locked out of nothing. */
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { NewKitchenRequest } from '@/contract/kitchens';
import { whileAsked, type Line } from '@/server/asked';
import { admit } from '@/server/people/gate';
import { must, openKitchen } from './kitchen-database';

let close: () => Promise<void>;
beforeAll(async () => {
  const opened = await openKitchen('oven_test_first_owner', 'empty');
  close = opened.close;
  const { makeOwner } = await import('@/server/sharing/share');
  must(await makeOwner({ name: 'Wren', passphrase: 'harbour velvet turnip nine' }));
  await opened.db.query('update installation set sign_in = true');
});
afterAll(() => close());

const LINE: Line = { address: '192.168.7.9', secure: true, is_here: false };
const OWN: NewKitchenRequest = {
  ...{ name: 'Harbour Street Hounds', country: null, altitude_m: 0, measures: 'us' },
  ...{ appliances: [], dog: null },
};

it('sets up the first kitchen, owns it, and is known from then on', async () => {
  const { signIn } = await import('@/server/people/sign-in');
  const { setUpKitchen } = await import('@/server/new-kitchen');
  const { viewWelcome } = await import('@/server/choose-kitchen');
  const { viewPeople } = await import('@/server/people/people');
  const signed = await whileAsked({ kitchen: null, who: { kind: 'stranger' }, line: LINE }, () =>
    signIn({ name: 'Wren', passphrase: 'harbour velvet turnip nine' }, 'Firefox on Linux'),
  );
  const cookie = `__Host-oven=${must(signed).token}`;
  const asWren = async <T>(work: () => Promise<T>): Promise<T> => {
    const admission = await admit({ url: '/', method: 'GET', headers: { cookie } } as never, LINE);
    if (!('kind' in admission) || admission.kind !== 'in') throw new Error('is not let in');
    return whileAsked(admission.asked, work);
  };
  expect(must(await asWren(viewWelcome))).toMatchObject({ kitchens: [] });
  const { id } = must(await asWren(() => setUpKitchen(OWN)));
  const { kitchen, people } = must(await asWren(viewPeople));
  expect(kitchen).toBe(id);
  expect(people.map(({ name, role }) => [name, role])).toEqual([['Wren', 'owner']]);
});
