import { networkInterfaces } from 'node:os';

/** Nets that no stranger of the wider world is in (RFC 1918, RFC 3927). */
const PRIVATE = /^(10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.|169\.254\.)/;

/** Addresses of this machine in the house's own nets, as other devices may reach it; the likeliest first. */
export function lanAddresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((cards) => cards ?? []);
  return all
    .filter(({ family, internal, address }) => family === 'IPv4' && !internal && PRIVATE.test(address))
    .map(({ address }) => address)
    .sort((one, other) => Number(other.startsWith('192.168.')) - Number(one.startsWith('192.168.')));
}
