/** What docs/access.md says, and what the program has: routes, pages and form actions. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROLES, type Role } from '@/core/people';

export type Least = 'anybody' | Role | 'here';
export type AccessRow = { readonly address: string; readonly method: string; readonly least: Least; readonly ofKitchen: boolean };

const LEASTS: ReadonlySet<string> = new Set(['anybody', ...ROLES, 'here']);

/** Every row of the table, one for each method. */
export function accessTable(): AccessRow[] {
  const [, table = ''] = readFileSync('docs/access.md', 'utf8').split(/<!-- access:(?:begin|end) -->/);
  const rows = table.split('\n').filter((line) => /^\| (\/|\w+\/actions)/.test(line));
  return rows.flatMap((line) => {
    const [address, methods, least, ofKitchen] = line
      .split('|')
      .slice(1, -1)
      .map((cell) => cell.trim());
    if (!LEASTS.has(least)) throw new Error(`docs/access.md: ${address} is for nobody that is known: ${least}`);
    return methods.split(' ').map((method) => ({ address, method, least: least as Least, ofKitchen: ofKitchen === 'yes' }));
  });
}

const ACTION = /^export async function (\w+)/gm;
const METHOD = /^export (?:async function|const) (GET|HEAD|POST|PUT|PATCH|DELETE)\b/gm;
const matches = (file: string, pattern: RegExp): string[] =>
  [...readFileSync(file, 'utf8').matchAll(pattern)].map(([, name]) => name);

/** Every route, page and form action that the program has, as the table names them. */
export function whatThereIs(): string[] {
  return (readdirSync('src/app', { recursive: true }) as string[]).flatMap((file) => {
    const folder = file.replace(/\/?[^/]*$/, '');
    if (/(^|\/)route\.ts$/.test(file)) return matches(join('src/app', file), METHOD).map((method) => `/${folder} ${method}`);
    if (/(^|\/)page\.tsx$/.test(file)) return [`/${folder} page`];
    if (/(^|\/)actions\.ts$/.test(file))
      return matches(join('src/app', file), ACTION).map((name) => `${folder}/actions: ${name} form`);
    return [];
  });
}
