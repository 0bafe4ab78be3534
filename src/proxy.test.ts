import { NextRequest } from 'next/server';
import { describe, expect, it } from 'vitest';
import { proxy } from './proxy';

const ask = (url: string, init: { method?: string; origin?: string; host?: string; site?: string } = {}): Promise<number> => {
  const headers = new Headers({ host: init.host ?? new URL(url).host });
  if (init.origin) headers.set('origin', init.origin);
  if (init.site) headers.set('sec-fetch-site', init.site);
  return proxy(new NextRequest(url, { method: init.method ?? 'GET', headers })).then(({ status }) => status);
};

describe('who may use the oven', () => {
  it('its own pages, under every name this machine has for itself', async () => {
    for (const host of ['127.0.0.1:3210', 'localhost:3210', '[::1]:3210']) {
      expect(await ask(`http://${host}/recipes`)).toBe(200);
      expect(await ask(`http://${host}/api/batches`, { method: 'POST', origin: `http://${host}` })).toBe(200);
    }
  });
  it('its own name in any case', async () => {
    expect(await ask('http://localhost:3210/recipes', { host: 'LocalHost:3210' })).toBe(200);
    expect(
      await ask('http://localhost:3210/api/batches', { method: 'POST', host: 'LOCALHOST:3210', origin: 'http://localhost:3210' }),
    ).toBe(200);
  });
  it('no other website whose browser sends no origin', async () => {
    for (const site of ['cross-site', 'same-site'])
      expect(await ask('http://127.0.0.1:3210/api/batches', { method: 'POST', site }), site).toBe(403);
    expect(await ask('http://127.0.0.1:3210/api/batches', { method: 'POST', site: 'same-origin' })).toBe(200);
    expect(await ask('http://127.0.0.1:3210/recipes', { site: 'cross-site' })).toBe(200);
  });
  it('a script without an origin', async () =>
    expect(await ask('http://127.0.0.1:3210/api/predict', { method: 'POST' })).toBe(200));
  it('no other website, and no other name that was pointed here', async () => {
    expect(await ask('http://127.0.0.1:3210/api/batches', { method: 'POST', origin: 'http://elsewhere.example' })).toBe(403);
    expect(await ask('http://127.0.0.1:3210/api/batches', { method: 'PATCH', origin: 'http://127.0.0.1:9999' })).toBe(403);
    expect(await ask('http://127.0.0.1:3210/recipes', { host: 'elsewhere.example' })).toBe(403);
  });
  it('no form that cannot be read', async () => {
    const form = (body: string): NextRequest =>
      new NextRequest('http://localhost/recipes', {
        method: 'POST',
        headers: { host: 'localhost', 'content-type': 'multipart/form-data; boundary=x' },
        body,
      });
    expect((await proxy(form('--x\r\ngarbage'))).status).toBe(422);
    const whole = '--x\r\ncontent-disposition: form-data; name="recipe"\r\n\r\na\r\n--x--\r\n';
    expect((await proxy(form(whole))).status).toBe(200);
  });
  it('nothing at an address that cannot be read', async () => {
    expect(await ask('http://127.0.0.1:3210/batch/%E0%A4%A')).toBe(404);
    expect(await ask('http://127.0.0.1:3210/recipes/%F0%9F%8D%AA%20100%25')).toBe(200);
  });
  it('pages run only scripts with the number of that very page, and are lent to nobody', async () => {
    const page = async (): Promise<Headers> =>
      (await proxy(new NextRequest('http://localhost/', { headers: { host: 'localhost' } }))).headers;
    const [one, other] = [await page(), await page()];
    const nonces = [one, other].map((headers) => /'nonce-([^']+)'/.exec(headers.get('content-security-policy') ?? '')?.[1]);
    expect(new Set(nonces).size).toBe(2);
    expect(nonces[0]?.length).toBeGreaterThan(20);
    expect(/script-src [^;]*/.exec(one.get('content-security-policy') ?? '')?.[0]).not.toContain('unsafe-inline');
    for (const name of ['cross-origin-resource-policy', 'cross-origin-opener-policy']) expect(one.get(name)).toBe('same-origin');
    expect(one.get('permissions-policy')).toContain('geolocation=()');
  });
  it('pages let nothing in from elsewhere', async () => {
    const answered = await proxy(new NextRequest('http://localhost/', { headers: { host: 'localhost' } }));
    const policy = answered.headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:/);
  });
});
