/** Forgets the pages that this browser keeps for times without a line: another kitchen's, or another person's, must not come up. */
export async function forgetKeptPages(): Promise<void> {
  if (!('caches' in globalThis)) return;
  await caches.delete('pages-1').catch(() => undefined);
}
