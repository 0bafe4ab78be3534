import type { Freshness, Ingredient, Preparation } from '@/core/pantry';

export type Lot = {
  readonly id: string;
  readonly left_g: number;
  /** ISO dates. */
  readonly got_on: string;
  readonly best_before: string | null;
  readonly water_pct: number | null;
  readonly note: string;
};

/** One ingredient with what it costs, what is in the house and how it is prepared. */
export type PantryItem = {
  readonly row: Ingredient;
  readonly price: { readonly pack_g: number; readonly price: number } | null;
  readonly lots: readonly Lot[];
  readonly preparation: Preparation | null;
  readonly freshness: Freshness;
};

/** What is in the house of it [g]. */
export const inHouse_g = ({ lots }: PantryItem): number => lots.reduce((sum, { left_g }) => sum + left_g, 0);

/** The lot to use first: what goes off first. */
export const firstToGo = ({ lots }: PantryItem): Lot | null =>
  lots.reduce<Lot | null>(
    (first, lot) => (first && (first.best_before ?? '9999') <= (lot.best_before ?? '9999') ? first : lot),
    null,
  );

type Saved = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** Sends a change of the pantry; what is wrong comes back as a sentence. */
export async function sendPantry(address: string, method: 'POST' | 'PUT' | 'PATCH', body: unknown): Promise<Saved> {
  try {
    const response = await fetch(address, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const answer = (await response.json()) as { error?: { message: string } };
    return answer.error ? { ok: false, message: answer.error.message } : { ok: true };
  } catch {
    return { ok: false, message: 'The oven does not answer. What you typed is still here; try again in a moment.' };
  }
}
