import { execFile } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { promisify } from 'node:util';

const run = promisify(execFile);
const AUTHORITY_DAYS = 3650;
/** Devices refuse longer ones (CA/Browser Forum; 398 days). */
const SERVER_DAYS = 390;
const RENEW_BEFORE_MS = 30 * 86_400_000;

/** Files of the kitchen's own authority and of the server, in a folder that only its owner may read. */
const filesIn = (folder: string) => ({
  authorityKey: join(folder, 'authority.key'),
  authority: join(folder, 'authority.crt'),
  key: join(folder, 'server.key'),
  request: join(folder, 'server.csr'),
  certificate: join(folder, 'server.crt'),
  extensions: join(folder, 'server.ext'),
});
export const folderOf = (state: string): string => join(state, 'tls');

/**
 * What the authority may speak for: nets of houses, and names of them. Whoever took its key could not speak for a bank.
 */
const ONLY_AT_HOME = [
  ['IP', '10.0.0.0/255.0.0.0'],
  ['IP', '172.16.0.0/255.240.0.0'],
  ['IP', '192.168.0.0/255.255.0.0'],
  ['IP', '169.254.0.0/255.255.0.0'],
  ['IP', '127.0.0.0/255.0.0.0'],
  ['IP', 'fc00:0:0:0:0:0:0:0/fe00:0:0:0:0:0:0:0'],
  ['DNS', 'local'],
  ['DNS', 'localhost'],
]
  .map(([kind, what]) => `permitted;${kind}:${what}`)
  .join(',');

/** The server's key and certificate, and the authority's that devices are told to trust. */
export type Certificates = { readonly key: Buffer; readonly cert: Buffer; readonly authority: Buffer };

/**
 * The certificates for these names and addresses, made with openssl where they are missing, speak for others, or end soon. The authority
 * is made once: devices that trust it trust what it signs later.
 *
 * @throws where openssl is missing or refuses
 */
export async function certificatesFor(state: string, names: readonly string[]): Promise<Certificates> {
  const folder = folderOf(state);
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const files = filesIn(folder);
  if (!(await isThere(files.authority)) || !(await isThere(files.authorityKey))) await makeAuthority(files);
  if (!(await stillSpeaksFor(files.certificate, names, files.authority))) await makeCertificate(files, names);
  const [key, certificate, authority] = await Promise.all(
    [files.key, files.certificate, files.authority].map((file) => readFile(/*turbopackIgnore: true*/ file)),
  );
  return { key, cert: Buffer.concat([certificate, authority]), authority };
}

/** The authority's certificate, for devices to trust; null where there is none yet. */
export const authorityOf = (state: string): Promise<Buffer | null> =>
  readFile(/*turbopackIgnore: true*/ filesIn(folderOf(state)).authority).catch(() => null);

/** By what one knows a certificate when a device asks: its SHA-256. */
export const fingerprintOf = (certificate: Buffer): string => new X509Certificate(certificate).fingerprint256;

type Files = ReturnType<typeof filesIn>;

const NEW_KEY = ['-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes'] as const;

async function makeAuthority({ authorityKey, authority }: Files): Promise<void> {
  // A name of its own: a device that knew another kitchen's tells the two apart.
  const name = `/CN=Upbeat Oven kitchen ${Math.floor(Date.now() / 1000).toString(36)}`;
  await run('openssl', [
    ...['req', '-x509', ...NEW_KEY, '-days', String(AUTHORITY_DAYS), '-subj', name, '-keyout', authorityKey, '-out', authority],
    ...['-addext', 'basicConstraints=critical,CA:TRUE,pathlen:0', '-addext', 'keyUsage=critical,keyCertSign,cRLSign'],
    ...['-addext', `nameConstraints=critical,${ONLY_AT_HOME}`],
  ]);
}

async function makeCertificate(files: Files, names: readonly string[]): Promise<void> {
  const { key, request, certificate, extensions, authority, authorityKey } = files;
  await run('openssl', ['req', '-new', ...NEW_KEY, '-subj', '/CN=Upbeat Oven', '-keyout', key, '-out', request]);
  const spoken = names.map((name) => `${isIP(name) ? 'IP' : 'DNS'}:${name}`).join(',');
  await writeFile(
    extensions,
    [
      'basicConstraints=critical,CA:FALSE',
      'keyUsage=critical,digitalSignature',
      'extendedKeyUsage=serverAuth',
      `subjectAltName=${spoken}`,
      '',
    ].join('\n'),
  );
  await run('openssl', [
    ...['x509', '-req', '-in', request, '-CA', authority, '-CAkey', authorityKey, '-CAcreateserial'],
    ...['-days', String(SERVER_DAYS), '-extfile', extensions, '-out', certificate],
  ]);
}

const isThere = (file: string): Promise<boolean> =>
  readFile(file).then(
    () => true,
    () => false,
  );

async function stillSpeaksFor(file: string, names: readonly string[], authority: string): Promise<boolean> {
  try {
    const certificate = new X509Certificate(await readFile(file));
    const fresh = Date.parse(certificate.validTo) - Date.now() > RENEW_BEFORE_MS;
    const all = names.every((name) => (isIP(name) ? certificate.checkIP(name) : certificate.checkHost(name)) !== undefined);
    return fresh && all && certificate.verify(new X509Certificate(await readFile(authority)).publicKey);
  } catch {
    return false;
  }
}
