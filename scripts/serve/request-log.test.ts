import { mkdtempSync, readFileSync, rmSync, statSync, existsSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { RequestLog } from './request-log';

let folder = '';
let server: Server;
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'requests-'))));
afterEach(() => {
  server.close();
  rmSync(folder, { recursive: true });
});

/** A server that answers with 201 and writes down what it was asked. */
async function serving(log: RequestLog): Promise<string> {
  server = createServer((request, response) => {
    log.begin(request, response).user = 'p-7';
    response.writeHead(201).end('made');
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
}
const linesIn = (file: string): Array<Record<string, unknown>> =>
  readFileSync(file, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Record<string, unknown>);

describe('the list of requests', () => {
  it('has one object a line, with an id that the answer carries, and nothing of what was asked or sent', async () => {
    const file = join(folder, 'requests.log');
    const url = await serving(new RequestLog(file));
    const answer = await fetch(`${url}/api/batches?words=secret`, { method: 'POST', body: 'pumpkin' });
    await fetch(`${url}/_next/static/a.js`);
    await vi.waitFor(() => expect(existsSync(file) && readFileSync(file, 'utf8')).toBeTruthy());
    const lines = linesIn(file);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ method: 'POST', route: '/api/batches', status: 201, user: 'p-7' });
    expect(lines[0].request).toBe(answer.headers.get('x-request-id'));
    expect(lines[0].ms).toBeLessThan(5000);
    expect(readFileSync(file, 'utf8')).not.toMatch(/secret|pumpkin/);
    expect(statSync(file).mode & 0o777).toBe(0o600);
  });
  it('begins a new file when one is full, and keeps three old ones', async () => {
    const file = join(folder, 'requests.log');
    const url = await serving(new RequestLog(file, 400));
    for (let n = 0; n < 14; n++) await fetch(`${url}/page-${n}`);
    await vi.waitFor(() => expect(linesIn(file).at(-1)).toMatchObject({ route: '/page-13' }));
    expect([1, 2, 3, 4].map((nth) => existsSync(`${file}.${nth}`))).toEqual([true, true, true, false]);
    await vi.waitFor(() => expect(linesIn(`${file}.1`).length).toBeGreaterThan(1));
  });
  it('is put aside when full, however fast the lines come', async () => {
    const file = join(folder, 'requests.log');
    const url = await serving(new RequestLog(file, 400));
    await Promise.all(Array.from({ length: 14 }, (_, n) => fetch(`${url}/page-${n}`)));
    await vi.waitFor(() => expect([1, 2, 3, 4].map((nth) => existsSync(`${file}.${nth}`))).toEqual([true, true, true, false]));
  });
  it('answers also where nothing can be written', async () => {
    const url = await serving(new RequestLog(join(folder, 'no such', 'requests.log')));
    expect((await fetch(`${url}/`)).status).toBe(201);
    expect((await fetch(`${url}/`)).status).toBe(201);
  });
});
