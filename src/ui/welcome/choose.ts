import type { NewKitchenRequest } from '@/contract/kitchens';
import { call, wrongWith } from '../kit/api';
import { forgetKeptPages } from '../kit/kept-pages';

/** Goes to a page with nothing kept of the one before: everything on it was another kitchen's. */
async function goTo(address: string): Promise<void> {
  await forgetKeptPages();
  window.location.assign(address);
}

/** Has this device work in a kitchen; what is wrong in words, or null when it is on its way. */
export async function chooseKitchen(id: string, address = '/'): Promise<string | null> {
  const wrong = wrongWith(await call('/api/kitchens/chosen', { method: 'PUT', body: { id } }));
  if (wrong === null) await goTo(address);
  return wrong;
}

/** Makes a kitchen and goes there; what is wrong in words, or null when it is on its way. */
export async function setUpKitchen(kitchen: NewKitchenRequest, address = '/'): Promise<string | null> {
  const wrong = wrongWith(await call('/api/kitchens', { body: kitchen }));
  if (wrong === null) await goTo(address);
  return wrong;
}

/** Takes a kitchen in out of its ZIP and goes there; what is wrong in words, or null when it is on its way. */
export async function bringKitchen(file: File): Promise<string | null> {
  const answer = await call<{ readonly id: string }>('/api/kitchens/import', {
    method: 'POST',
    raw: { content: file, type: 'application/zip' },
  });
  return answer.ok ? chooseKitchen(answer.value.id) : answer.message;
}

/** A kitchen of which nothing was said yet. */
export const BLANK_KITCHEN: NewKitchenRequest = {
  name: 'My kitchen',
  country: null,
  altitude_m: 0,
  measures: 'metric',
  appliances: [],
  dog: null,
};
