import { NextRequest } from 'next/server';
import { describe, expect, it } from 'vitest';
import { proxy } from './proxy';

const ask = (url: string, init: { method?: string; origin?: string; host?: string } = {}): number => {
  const headers = new Headers({ host: init.host ?? new URL(url).host });
  if (init.origin) headers.set('origin', init.origin);
  return proxy(new NextRequest(url, { method: init.method ?? 'GET', headers })).status;
};

describe('who may use the oven', () => {
  it('its own pages, under every name this machine has for itself', () => {
    for (const host of ['127.0.0.1:3210', 'localhost:3210', '[::1]:3210']) {
      expect(ask(`http://${host}/recipes`)).toBe(200);
      expect(ask(`http://${host}/api/batches`, { method: 'POST', origin: `http://${host}` })).toBe(200);
    }
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
  it('pages let nothing in from elsewhere', () => {
    const policy =
      proxy(new NextRequest('http://localhost/', { headers: { host: 'localhost' } })).headers.get('content-security-policy') ??
      '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:/);
  });
});
