import { readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { config } from '../config';

/** What this machine was asked about other devices; it stays over a restart. */
export type Share = {
  readonly on: boolean;
  /** An address of this machine, or whichever it has in the house. */
  readonly address: string;
  readonly port: number;
};

const ASKED_FOR: Share = { on: false, address: 'auto', port: 3443 };

/** How this process answers other devices, as the server in front keeps it and the pages read it. */
export type Sharing = {
  /** Where other devices find it; null while they do not. */
  url: string | null;
  trouble: string | null;
  fingerprint: string | null;
  /** Names and addresses under which it answers, beside the machine's own. */
  hosts: readonly string[];
  /** Does what the file says now. */
  readonly apply: () => Promise<void>;
};
const shared = globalThis as { ovenSharing?: Sharing };

/** How this process answers other devices; null where nothing in front of it could, as in a script. */
export const sharing = (): Sharing | null => shared.ovenSharing ?? null;
export function setSharing(made: Sharing): void {
  shared.ovenSharing = made;
}

const fileIn = (folder: string): string => join(folder, 'share.json');

/** What was asked for; a file that cannot be read asks for nothing. */
export async function readShare(folder: string | null = config().stateFolder): Promise<Share> {
  if (folder === null) return ASKED_FOR;
  try {
    const kept = JSON.parse(await readFile(fileIn(folder), 'utf8')) as Partial<Share>;
    const port = config().tlsPort;
    return { ...ASKED_FOR, ...kept, ...(port === null ? {} : { port }) };
  } catch {
    return { ...ASKED_FOR, port: config().tlsPort ?? ASKED_FOR.port };
  }
}

/** Keeps what is asked for. */
export async function writeShare(share: Share, folder: string): Promise<void> {
  const file = fileIn(folder);
  await writeFile(`${file}.new`, `${JSON.stringify(share)}\n`, { mode: 0o600 });
  await rename(`${file}.new`, file);
}
