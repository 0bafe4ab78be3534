import type { IncomingMessage } from 'node:http';
import type { TLSSocket } from 'node:tls';
import type { Line } from '@/server/asked';

/** What proxies say of whom they speak for, in the ways that are in use. */
const FORWARDED = ['forwarded', 'x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto', 'x-forwarded-port', 'x-real-ip'];

const plainAddress = (address = ''): string => address.replace(/^::ffff:/, '');
const last = (value: string | string[] | undefined): string =>
  String(value ?? '')
    .split(',')
    .at(-1)
    ?.trim() ?? '';

/**
 * Over which line a request came. What it says of having been forwarded is believed of the proxies that whoever runs this named, and taken
 * off everybody else's: anybody can write it.
 *
 * @param here - whether its server answers this machine only
 */
export function lineOf(request: IncomingMessage, here: boolean, proxies: readonly string[]): Line {
  const { headers, socket } = request;
  const address = plainAddress(socket.remoteAddress);
  const secure = (socket as Partial<TLSSocket>).encrypted === true;
  if (!proxies.includes(address)) {
    for (const name of FORWARDED) delete headers[name];
    return { address, secure, is_here: here };
  }
  const client = last(headers['x-forwarded-for']);
  const forwarded = secure || last(headers['x-forwarded-proto']) === 'https';
  // The proxy itself, speaking for nobody, is a program of this machine.
  return client === ''
    ? { address, secure, is_here: here }
    : { address: plainAddress(client), secure: forwarded, is_here: false };
}
