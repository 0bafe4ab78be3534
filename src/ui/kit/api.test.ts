import { afterEach, describe, expect, it, vi } from 'vitest';
import { call, wrongWith } from './api';

const answers = (status: number, body: string): void => {
  vi.stubGlobal(
    'fetch',
    vi.fn(() => Promise.resolve(new Response(status === 204 ? null : body, { status }))),
  );
};
afterEach(() => vi.unstubAllGlobals());

describe('a call of the page', () => {
  it('brings what was answered', async () => {
    answers(200, '{"id":"x"}');
    expect(await call<{ id: string }>('/api/batches', { body: { name: 'Bars' } })).toEqual({ ok: true, value: { id: 'x' } });
    expect(fetch).toHaveBeenCalledWith('/api/batches', {
      method: 'POST',
      body: '{"name":"Bars"}',
      headers: { 'content-type': 'application/json' },
    });
  });
  it('brings a refusal as it was said, with the version that stands there', async () => {
    answers(
      409,
      '{"error":{"code":"CHANGED_ELSEWHERE","message":"Someone saved this.","path":"revision"},"current":{"revision":3}}',
    );
    const refused = await call('/api/batches/x', { method: 'PATCH', body: {} });
    expect(refused).toMatchObject({ ok: false, code: 'CHANGED_ELSEWHERE', path: 'revision', current: { revision: 3 } });
    expect(wrongWith(refused)).toBe('Someone saved this.');
  });
  it.each([
    ['nothing answers', () => vi.stubGlobal('fetch', () => Promise.reject(new TypeError('refused')))],
    ['something in between answers', () => answers(502, '<html>bad gateway</html>')],
  ])('says that the server is away when %s, and that nothing is lost', async (_, away) => {
    away();
    const answer = await call('/api/oven');
    expect(answer).toMatchObject({ ok: false, code: 'OFFLINE' });
    expect(wrongWith(answer)).toMatch(/What you typed is still here/);
  });
  it('that is given up says so, and not that the server is away', async () => {
    const stop = new AbortController();
    vi.stubGlobal('fetch', () => {
      stop.abort();
      return Promise.reject(new DOMException('aborted', 'AbortError'));
    });
    expect(await call('/api/label', { body: {}, signal: stop.signal })).toMatchObject({ ok: false, code: 'GIVEN_UP' });
  });
  it('sends a file as it is', async () => {
    answers(204, '');
    expect(await call('/api/log.csv', { raw: { content: 'a,b', type: 'text/csv' } })).toMatchObject({ ok: true });
    expect(fetch).toHaveBeenCalledWith('/api/log.csv', { method: 'POST', body: 'a,b', headers: { 'content-type': 'text/csv' } });
  });
});
