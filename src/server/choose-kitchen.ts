import Joi from 'joi';
import type { KitchenChoice, WelcomeView } from '@/contract/kitchens';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { checkWith } from '@/formats/read-batch';
import { asked } from './asked';
import { allCountries } from './countries';
import { kitchens } from './kitchen-pools';
import { ofTheHouse, withDatabase } from './with-database';

const CHOICE = Joi.object<{ readonly id: string }, true>({ id: Joi.string().max(60).required() });

/** The kitchen of this id, for a device that chooses it. */
export async function chooseKitchen(body: unknown): Promise<Result<{ id: string }>> {
  const request = checkWith(CHOICE, body);
  if (!request.ok) return request;
  // The kitchen that this page shows may be gone: the house is asked.
  return ofTheHouse('guest', async () => {
    const { id } = request.value;
    return (await kitchens()).some((one) => one.id === id) ? succeed({ id }) : fail('NOT_FOUND', SENTENCES.noKitchen);
  });
}

/** Whether this device looks at a kitchen: there is one of one's own, or it chose the demo. */
export const isAtHome = (there: readonly KitchenChoice[]): boolean =>
  there.some(({ id, is_demo }) => !is_demo || id === asked().kitchen);

/** What the first page asks a device that has not chosen, as long as there is nothing of one's own; null where there is no need to ask. */
export const viewWelcome = (): Promise<Result<WelcomeView | null>> =>
  withDatabase<WelcomeView | null>('guest', async () => {
    const there = await kitchens();
    return succeed(isAtHome(there) ? null : { kitchens: there, countries: allCountries() });
  });

/** What a further kitchen is asked. */
export const viewNewKitchen = (): Promise<Result<WelcomeView>> =>
  ofTheHouse('owner', async () => succeed({ kitchens: await kitchens(), countries: allCountries() }));
