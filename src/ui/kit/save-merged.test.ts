import { afterEach, expect, it, vi } from 'vitest';
import { saveMerged } from './save-merged';

afterEach(() => vi.unstubAllGlobals());

type Facts = { readonly a: number; readonly b: number };
/** A server with one thing, at a revision. */
function server(revision: number, document: Facts) {
  let stands = { revision, document };
  const asked: unknown[] = [];
  vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
    const sent = JSON.parse(body) as typeof stands;
    asked.push(sent);
    if (sent.revision !== stands.revision)
      return Promise.resolve(
        Response.json(
          { error: { code: 'CHANGED_ELSEWHERE', message: 'Someone saved this.', path: null }, current: stands },
          { status: 409 },
        ),
      );
    stands = { revision: stands.revision + 1, document: sent.document };
    return Promise.resolve(Response.json({ revision: stands.revision, saved_at: '2026-11-30T00:00:00Z' }));
  });
  return { asked, stands: () => stands };
}

it('saves over the version it was opened with', async () => {
  const { stands } = server(3, { a: 1, b: 1 });
  const saved = await saveMerged({ route: '/x', from: { revision: 3, document: { a: 1, b: 1 } }, to: { a: 2, b: 1 } });
  expect(saved).toMatchObject({ ok: true, value: { revision: 4, document: { a: 2, b: 1 } } });
  expect(stands().document).toEqual({ a: 2, b: 1 });
});
it('keeps what another hand changed elsewhere meanwhile', async () => {
  const { asked, stands } = server(5, { a: 1, b: 9 });
  const saved = await saveMerged({ route: '/x', from: { revision: 3, document: { a: 1, b: 1 } }, to: { a: 2, b: 1 } });
  expect(saved).toMatchObject({ ok: true, value: { revision: 6, document: { a: 2, b: 9 } } });
  expect(stands().document).toEqual({ a: 2, b: 9 });
  expect(asked).toHaveLength(2);
});
it('writes nothing where both changed the same, and brings the other version', async () => {
  const { stands } = server(5, { a: 7, b: 1 });
  const saved = await saveMerged({ route: '/x', from: { revision: 3, document: { a: 1, b: 1 } }, to: { a: 2, b: 1 } });
  expect(saved).toMatchObject({ ok: false, code: 'CHANGED_ELSEWHERE', current: { document: { a: 7 } } });
  expect(stands().document).toEqual({ a: 7, b: 1 });
});
