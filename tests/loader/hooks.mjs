/**
 * How Node loads this project's TypeScript in tests. Vitest's own loader reads every import through a getter, also in the solver's
 * innermost loops, which doubles what they take; modules that Node loads are as quick as those that ship.
 */
import { readFileSync, statSync } from 'node:fs';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { transform } from 'esbuild';

const SOURCES = new URL('../../src/', import.meta.url);
/** Next alone knows which side of the wire a module is on; tests run on the server's. */
const SERVER_ONLY = new URL('../stubs/empty.ts', import.meta.url).href;
/** What an import leaves out. */
const ENDS = ['', '.ts', '.tsx', '/index.ts', '/index.tsx'];

const isFile = (path) => statSync(path, { throwIfNoEntry: false })?.isFile() ?? false;

/** Where an import of our own points, without the end that it leaves out; null where it is a package's. */
function ownOf(specifier, parent) {
  if (specifier.startsWith('@/')) return new URL(specifier.slice(2), SOURCES);
  const isRelative = /^\.\.?(\/|$)/.test(specifier) && parent !== undefined && !parent.includes('/node_modules/');
  return isRelative ? new URL(specifier, parent) : null;
}

export async function resolve(specifier, context, next) {
  if (specifier === 'server-only') return { url: SERVER_ONLY, shortCircuit: true };
  const own = ownOf(specifier, context.parentURL);
  if (own) {
    const path = fileURLToPath(own);
    const end = ENDS.find((one) => isFile(path + one));
    if (end === undefined) throw new Error(`There is no module "${specifier}", which ${context.parentURL} imports.`);
    // A question mark asks for another copy of a module.
    return { url: pathToFileURL(path + end).href + own.search, shortCircuit: true };
  }
  try {
    return await next(specifier, context);
  } catch (error) {
    // Files of packages without a list of what they export are meant by their names alone, as bundlers take them.
    if (error.code === 'ERR_MODULE_NOT_FOUND') return next(`${specifier}.js`, context);
    throw error;
  }
}

export async function load(url, context, next) {
  const { pathname } = new URL(url);
  if (!url.startsWith('file:') || !/\.(tsx?|json)$/.test(pathname)) return next(url, context);
  const sourcefile = fileURLToPath(url);
  const text = readFileSync(sourcefile, 'utf8');
  if (pathname.endsWith('.json')) return { format: 'module', source: `export default ${text}`, shortCircuit: true };
  const { code } = await transform(text, {
    loader: pathname.endsWith('x') ? 'tsx' : 'ts',
    jsx: 'automatic',
    format: 'esm',
    target: 'node20',
    sourcemap: 'inline',
    sourcefile,
  });
  return { format: 'module', source: code, shortCircuit: true };
}
