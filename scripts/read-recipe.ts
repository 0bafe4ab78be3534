/** Command-line door: `npm run --silent read-recipe -- FILE.txt` prints what is understood of a recipe, as one JSON object. */
import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { fail } from '@/core/failure';
import { errorBody } from '@/formats/predict-text';
import { readRecipeText } from '@/formats/recipe-text';
import { shippedPantry } from '@/formats/shipped-pantry';

async function main(name: string | undefined): Promise<number> {
  const content = !name ? null : name === '-' ? await text(process.stdin) : await readFile(name, 'utf8').catch(() => null);
  const result =
    content === null
      ? fail('FILE_NOT_READABLE', name ? `There is no readable file "${name}".` : 'Name a text file, or - for standard input.')
      : readRecipeText(content, await shippedPantry());
  process.stdout.write(`${JSON.stringify(result.ok ? result.value : errorBody(result))}\n`);
  return result.ok ? 0 : 2;
}

process.exitCode = await main(process.argv[2]);
