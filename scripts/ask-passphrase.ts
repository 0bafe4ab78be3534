import { createInterface } from 'node:readline';

/** A passphrase typed at the machine without being shown, or the first line of what is piped in. */
export function askPassphrase(words: string): Promise<string> {
  const { stdin, stderr } = process;
  if (stdin.isTTY) stderr.write(words);
  const lines = createInterface({ input: stdin, ...(stdin.isTTY ? { terminal: true } : {}) });
  return new Promise((done) => {
    let typed = '';
    lines.once('line', (line) => {
      typed = line;
      lines.close();
    });
    lines.once('close', () => {
      if (stdin.isTTY) stderr.write('\n');
      done(typed.trim());
    });
  });
}
