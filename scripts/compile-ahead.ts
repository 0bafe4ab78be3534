/** Puts the modules of every script that pages load in brackets, once the pages are built: browsers then compile them as they arrive. */
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { bracketModules } from './bracket-modules';

const SCRIPTS = '.next/static/chunks';
for (const name of readdirSync(SCRIPTS, { recursive: true, encoding: 'utf8' })) {
  if (!name.endsWith('.js')) continue;
  const file = join(SCRIPTS, name);
  writeFileSync(file, bracketModules(readFileSync(file, 'utf8')));
}
