/** Command-line door: `npm run --silent predict -- FILE.json...` prints one result per file, each on one line. */
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { fail } from '@/core/failure';
import { errorBody, predictText } from '@/formats/predict-text';
import { shippedPantry } from '@/formats/shipped-pantry';

const read = (name: string): Promise<string | null> =>
  name === '-' ? text(process.stdin) : readFile(name, 'utf8').catch(() => null);

async function main(files: readonly string[]): Promise<number> {
  const kitchen = { pantry: await shippedPantry() };
  let exit = 0;
  const print = (value: unknown): void => void process.stdout.write(`${JSON.stringify(value)}\n`);
  if (files.length === 0) {
    print(errorBody(fail('FILE_NOT_READABLE', 'Name a batch file, or - for standard input.')));
    return 2;
  }
  for (const name of files) {
    const content = await read(name);
    const result =
      content === null ? fail('FILE_NOT_READABLE', `There is no readable file "${name}".`) : predictText(content, kitchen);
    print(result.ok ? result.value : errorBody(result));
    if (!result.ok) exit = 2;
  }
  return exit;
}

process.exitCode = await main(process.argv.slice(2));
