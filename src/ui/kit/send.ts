/** Sends a change; tells what is wrong with it, or null. */
export const putJson = (address: string, body: unknown): Promise<string | null> =>
  send(address, { method: 'PUT', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

export const postJson = (address: string, body: unknown): Promise<string | null> =>
  send(address, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });

export const removeAt = (address: string): Promise<string | null> => send(address, { method: 'DELETE' });

async function send(address: string, request: RequestInit): Promise<string | null> {
  const response = await fetch(address, request).catch(() => null);
  if (!response) return 'The kitchen cannot be reached. The change is not kept yet; try again in a moment.';
  if (response.ok) return null;
  const { error } = (await response.json().catch(() => ({}))) as { error?: { message?: string } };
  return error?.message ?? 'This could not be kept. Try again.';
}
