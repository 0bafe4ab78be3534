import type { Server } from 'node:http';
import { hostname } from 'node:os';
import { certificatesFor, fingerprintOf } from '@/server/sharing/certificates';
import { lanAddresses } from '@/server/sharing/lan-address';
import { readShare, setSharing, type Sharing } from '@/server/sharing/share-state';

/** Addresses of a machine change when it meets another net: looked at again so often [ms]. */
const LOOK_EVERY_MS = 30_000;

/** Makes a server that speaks over a line nobody reads. */
export type SecureServer = (keys: { readonly key: Buffer; readonly cert: Buffer }) => Server;

/**
 * The line for other devices of the house: opened, moved and closed as is asked for in the file of this installation, while the program
 * runs.
 */
export class ShareLine {
  private server: Server | null = null;
  private at = '';
  private running: Promise<void> = Promise.resolve();
  private readonly sharing: Sharing = { url: null, trouble: null, fingerprint: null, hosts: [], apply: () => this.apply() };

  constructor(
    private readonly state: string,
    private readonly make: SecureServer,
  ) {
    setSharing(this.sharing);
    setInterval(() => void this.apply(), LOOK_EVERY_MS).unref();
  }

  /** Does what the file says now; one after the other. */
  apply(): Promise<void> {
    this.running = this.running.then(() => this.follow());
    return this.running;
  }

  /** Lets nobody new in. */
  close(): void {
    this.server?.close();
    this.server?.closeAllConnections();
    this.server = null;
    this.at = '';
    Object.assign(this.sharing, { url: null, hosts: [] });
  }

  private async follow(): Promise<void> {
    const { on, address: asked, port } = await readShare(this.state);
    if (!on) {
      this.close();
      this.sharing.trouble = null;
      return;
    }
    const address = asked === 'auto' ? lanAddresses()[0] : asked;
    if (address === undefined) {
      this.close();
      this.sharing.trouble = 'This machine is in no net of the house just now. Connect it; it is tried again by itself.';
      return;
    }
    if (this.at === `${address}:${port}`) return;
    this.close();
    try {
      await this.open(address, port);
    } catch (cause) {
      this.close();
      this.sharing.trouble = troubleOf(cause, address, port);
      console.error('Other devices cannot be let in:', cause);
    }
  }

  private async open(address: string, port: number): Promise<void> {
    const name = `${hostname().toLowerCase().split('.')[0]}.local`;
    const hosts = [address, ...(/^[a-z0-9-]+\.local$/.test(name) ? [name] : [])];
    const { key, cert, authority } = await certificatesFor(this.state, hosts);
    const server = this.make({ key, cert });
    await new Promise<void>((done, failed) => {
      server.once('error', failed);
      server.listen(port, address, () => done());
    });
    this.server = server;
    this.at = `${address}:${port}`;
    Object.assign(this.sharing, {
      url: `https://${address}:${port}`,
      trouble: null,
      fingerprint: fingerprintOf(authority),
      hosts,
    });
    console.log(`Other devices are let in at https://${address}:${port}`);
  }
}

function troubleOf(cause: unknown, address: string, port: number): string {
  const { code } = cause as NodeJS.ErrnoException;
  if (code === 'EADDRINUSE')
    return `Port ${port} of ${address} is taken by another program. Choose another: OVEN_TLS_PORT=3444 npm start`;
  if (code === 'EADDRNOTAVAIL')
    return `${address} is no address of this machine any more. Let other devices in again, at another one.`;
  if (code === 'ENOENT')
    return 'The program openssl is missing, which makes keys. Install it, for example with apt-get install openssl.';
  return 'Keys could not be made, or the line not opened; the log says why.';
}
