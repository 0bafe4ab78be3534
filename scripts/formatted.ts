import { readFile } from 'node:fs/promises';
import { format, type FormatConfig } from 'oxfmt';

/**
 * A text laid out as `npm run format` would lay out that file.
 * @throws where the text cannot be read as what the file's name says it is
 */
export async function formatted(file: string, text: string): Promise<string> {
  const options = JSON.parse(await readFile('.oxfmtrc.json', 'utf8')) as FormatConfig;
  const { code, errors } = await format(file, text, options);
  if (errors.length > 0) throw new Error(`${file}: ${errors.map(({ message }) => message).join('; ')}`);
  return code;
}
