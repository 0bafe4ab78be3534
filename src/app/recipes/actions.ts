'use server';
import { redirect } from 'next/navigation';
import type { Result } from '@/core/failure';
import { bringBack, copyRecipe, setArchived } from '@/server/save-recipe';
import { startBatch } from '@/server/start-batch';

const text = (form: FormData, key: string): string => {
  const value = form.get(key);
  return typeof value === 'string' ? value : '';
};
const trouble = (message: string): string => `/recipes?trouble=${encodeURIComponent(message)}`;
/** Where a form leads: on, or to the sentence that says why not. */
const lead = <T>(result: Result<T>, on: (value: T) => string): never =>
  redirect(result.ok ? on(result.value) : trouble(result.message));

/** Starts a batch from the recipe of a form, and goes there. */
export async function start(form: FormData): Promise<void> {
  lead(await startBatch(text(form, 'recipe')), ({ id }) => `/batch/${id}?bench=weigh`);
}

/** Makes a copy and opens it for editing. */
export async function copy(form: FormData): Promise<void> {
  lead(await copyRecipe(text(form, 'recipe')), ({ id }) => `/recipes/${id}/edit`);
}

/** Archives a recipe, or takes it out of the archive. */
export async function archive(form: FormData): Promise<void> {
  const id = text(form, 'recipe');
  lead(await setArchived(id, text(form, 'away') === 'yes'), () => `/recipes/${id}`);
}

/** Makes an older version the newest one. */
export async function restore(form: FormData): Promise<void> {
  const id = text(form, 'recipe');
  lead(await bringBack(id, Number(text(form, 'revision'))), () => `/recipes/${id}`);
}
