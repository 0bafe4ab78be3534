/**
 * Command-line doors: `npm run --silent predict -- FILE.json...` prints one prediction per file, each on one line;
 * `find-programme` likewise prints the programmes that meet the file's target, and `plan-day` the plan of a bake day.
 */
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { fail } from '@/core/failure';
import { errorBody, findText, predictText } from '@/formats/predict-text';
import { planDayText } from '@/formats/plan-day-text';
import { shippedPantry } from '@/formats/shipped-pantry';

const read = (name: string): Promise<string | null> =>
  name === '-' ? text(process.stdin) : readFile(name, 'utf8').catch(() => null);

const DOORS = {
  predict: predictText,
  'find-programme': findText,
  'plan-day': (content: string) => planDayText(content, () => performance.now()),
} as const;

async function main(door: keyof typeof DOORS, files: readonly string[]): Promise<number> {
  const kitchen = { pantry: await shippedPantry() };
  let exit = 0;
  const print = (value: unknown): void => void process.stdout.write(`${JSON.stringify(value)}\n`);
  if (files.length === 0) {
    print(errorBody(fail('FILE_NOT_READABLE', 'Name a file, or - for standard input.')));
    return 2;
  }
  for (const name of files) {
    const content = await read(name);
    const result =
      content === null ? fail('FILE_NOT_READABLE', `There is no readable file "${name}".`) : DOORS[door](content, kitchen);
    print(result.ok ? result.value : errorBody(result));
    if (!result.ok) exit = 2;
  }
  return exit;
}

const [door, ...files] = process.argv.slice(2);
process.exitCode = await main(door in DOORS ? (door as keyof typeof DOORS) : 'predict', files);
