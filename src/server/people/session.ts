import type { IncomingHttpHeaders } from 'node:http';
import { LONGEST_DAYS } from '@/db/devices';
import { cookieOf, line } from '../asked';

/** Over a line that nobody reads, a name that no other program of the machine and no other page may set. */
const SECURE_NAME = '__Host-oven';
const HERE_NAME = 'oven';
const DAY_S = 86_400;

const nameOn = (secure: boolean): string => (secure ? SECURE_NAME : HERE_NAME);

/** The token that a device came with; empty where it has none. */
export const tokenOf = (headers: IncomingHttpHeaders, secure: boolean): string => cookieOf(headers, nameOn(secure));

/** The header that signs a device in; no script of the page can read what it sets. */
export const sessionCookie = (token: string): string => cookie(token, LONGEST_DAYS * DAY_S);

/** The header that signs it out. */
export const noSessionCookie = (): string => cookie('', 0);

function cookie(value: string, seconds: number): string {
  const { secure } = line();
  return `${nameOn(secure)}=${value}; Path=/; Max-Age=${seconds}; HttpOnly; SameSite=Lax${secure ? '; Secure' : ''}`;
}

/** What a device calls itself, in a few words. */
export function deviceName(agent: string): string {
  const find = (table: ReadonlyArray<readonly [RegExp, string]>): string | undefined =>
    table.find(([sign]) => sign.test(agent))?.[1];
  const browser = find(BROWSERS);
  const machine = find(MACHINES);
  return browser && machine ? `${browser} on ${machine}` : (browser ?? machine ?? 'some device');
}
/** The first that fits: most call themselves by their forebears' names as well. */
const BROWSERS = [
  [/Edg\//, 'Edge'],
  [/Firefox\/|FxiOS/, 'Firefox'],
  [/SamsungBrowser/, 'Samsung Internet'],
  [/OPR\//, 'Opera'],
  [/Chrom(e|ium)\/|CriOS/, 'Chrome'],
  [/Safari\//, 'Safari'],
] as const;
const MACHINES = [
  [/iPhone/, 'iPhone'],
  [/iPad/, 'iPad'],
  [/Android/, 'Android'],
  [/CrOS/, 'Chromebook'],
  [/Windows/, 'Windows'],
  [/Macintosh/, 'Mac'],
  [/Linux/, 'Linux'],
] as const;
