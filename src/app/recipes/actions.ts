'use server';
import { redirect } from 'next/navigation';
import { startBatch } from '@/server/start-batch';

/** Starts a batch from the recipe of a form, and goes there. */
export async function start(form: FormData): Promise<void> {
  const recipe = form.get('recipe');
  const started = await startBatch(typeof recipe === 'string' ? recipe : '');
  redirect(started.ok ? `/batch/${started.value.id}?bench=weigh` : `/recipes?trouble=${encodeURIComponent(started.message)}`);
}
