/**
 * Command-line door: `npm run --silent read-recipe -- [--cups us|metric|uk] FILE...` prints what is understood of each recipe, as
 * one JSON object a line: plain words, a saved page, JSON-LD, a table or a spreadsheet, told apart by content.
 */
import { readFile } from 'node:fs/promises';
import { buffer } from 'node:stream/consumers';
import { fail, type Result } from '@/core/failure';
import { readAny, type IncomingChoice } from '@/formats/incoming';
import { errorBody } from '@/formats/predict-text';
import { printedReading } from '@/formats/recipe-text';
import { shippedPantry } from '@/formats/shipped-pantry';

const CUPS = { us: 'us', metric: 'metric', uk: 'imperial' } as const;

type Asked = { readonly files: readonly string[]; readonly choice: IncomingChoice };

/** Files and choices of a command line; a choice that is none is refused. */
function askedFor(words: readonly string[]): Result<Asked> {
  const files: string[] = [];
  let choice: IncomingChoice = {};
  for (let i = 0; i < words.length; i++) {
    const [name, joined] = words[i].split('=', 2);
    if (name !== '--cups') {
      files.push(words[i]);
      continue;
    }
    const cups = joined ?? words[++i] ?? '';
    if (!Object.hasOwn(CUPS, cups)) return fail('BAD_VALUE', `--cups is us, metric or uk, not "${cups}".`, '--cups');
    choice = { measures: CUPS[cups as keyof typeof CUPS] };
  }
  if (files.length === 0) return fail('FILE_NOT_READABLE', 'Name a file with a recipe, or - for standard input.');
  return { ok: true, value: { files, choice } };
}

async function main(words: readonly string[]): Promise<number> {
  const print = (value: unknown): void => void process.stdout.write(`${JSON.stringify(value)}\n`);
  const asked = askedFor(words);
  if (!asked.ok) {
    print(errorBody(asked));
    return 2;
  }
  const pantry = await shippedPantry();
  let exit = 0;
  for (const name of asked.value.files) {
    const content = await (name === '-' ? buffer(process.stdin) : readFile(name)).catch(() => null);
    const found =
      content === null
        ? fail('FILE_NOT_READABLE', `There is no readable file "${name}".`)
        : readAny(content, pantry, asked.value.choice);
    if (!found.ok) exit = 2;
    print(
      !found.ok
        ? errorBody(found)
        : found.value.kind === 'document'
          ? { document: found.value.document }
          : printedReading(found.value.reading),
    );
  }
  return exit;
}

process.exitCode = await main(process.argv.slice(2));
