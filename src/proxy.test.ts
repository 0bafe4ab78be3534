import { NextRequest } from 'next/server';
import { describe, expect, it } from 'vitest';
import { proxy } from './proxy';

const ask = (url: string, init: { method?: string; origin?: string; host?: string; site?: string } = {}): number => {
  const headers = new Headers({ host: init.host ?? new URL(url).host });
  if (init.origin) headers.set('origin', init.origin);
  if (init.site) headers.set('sec-fetch-site', init.site);
  return proxy(new NextRequest(url, { method: init.method ?? 'GET', headers })).status;
};

describe('who may use the oven', () => {
  it('its own pages, under every name this machine has for itself', () => {
    for (const host of ['127.0.0.1:3210', 'localhost:3210', '[::1]:3210']) {
      expect(ask(`http://${host}/recipes`)).toBe(200);
      expect(ask(`http://${host}/api/batches`, { method: 'POST', origin: `http://${host}` })).toBe(200);
    }
  });
  it('its own name in any case', () => {
    expect(ask('http://localhost:3210/recipes', { host: 'LocalHost:3210' })).toBe(200);
    expect(
      ask('http://localhost:3210/api/batches', { method: 'POST', host: 'LOCALHOST:3210', origin: 'http://localhost:3210' }),
    ).toBe(200);
  });
  it('no other website whose browser sends no origin', () => {
    for (const site of ['cross-site', 'same-site'])
      expect(ask('http://127.0.0.1:3210/api/batches', { method: 'POST', site }), site).toBe(403);
    expect(ask('http://127.0.0.1:3210/api/batches', { method: 'POST', site: 'same-origin' })).toBe(200);
    expect(ask('http://127.0.0.1:3210/recipes', { site: 'cross-site' })).toBe(200);
  });
  it('a script without an origin', () => expect(ask('http://127.0.0.1:3210/api/predict', { method: 'POST' })).toBe(200));
  it('no other website, and no other name that was pointed here', () => {
    expect(ask('http://127.0.0.1:3210/api/batches', { method: 'POST', origin: 'http://elsewhere.example' })).toBe(403);
    expect(ask('http://127.0.0.1:3210/api/batches', { method: 'PATCH', origin: 'http://127.0.0.1:9999' })).toBe(403);
    expect(ask('http://127.0.0.1:3210/recipes', { host: 'elsewhere.example' })).toBe(403);
  });
  it('nothing at an address that cannot be read', () => {
    expect(ask('http://127.0.0.1:3210/batch/%E0%A4%A')).toBe(404);
    expect(ask('http://127.0.0.1:3210/recipes/%F0%9F%8D%AA%20100%25')).toBe(200);
  });
  it('pages run only scripts with the number of that very page, and are lent to nobody', () => {
    const page = (): Headers => proxy(new NextRequest('http://localhost/', { headers: { host: 'localhost' } })).headers;
    const nonces = [page(), page()].map((headers) => /'nonce-([^']+)'/.exec(headers.get('content-security-policy') ?? '')?.[1]);
    expect(new Set(nonces).size).toBe(2);
    expect(nonces[0]?.length).toBeGreaterThan(20);
    expect(/script-src [^;]*/.exec(page().get('content-security-policy') ?? '')?.[0]).not.toContain('unsafe-inline');
    for (const name of ['cross-origin-resource-policy', 'cross-origin-opener-policy'])
      expect(page().get(name)).toBe('same-origin');
    expect(page().get('permissions-policy')).toContain('geolocation=()');
  });
  it('pages let nothing in from elsewhere', () => {
    const policy =
      proxy(new NextRequest('http://localhost/', { headers: { host: 'localhost' } })).headers.get('content-security-policy') ??
      '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:/);
  });
});
