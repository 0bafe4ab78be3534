/**
 * How heavy the scripts of each page are that is served, compressed as they travel [kB]. Fails where one is heavier than it may be; what
 * a page loads later, once something is opened, is not counted here but in the journeys. Needs a build.
 */
import { readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import { gzipSync } from 'node:zlib';

/** What a page may weigh, and the batch, which works things out [kB]. */
const MOST_KB = 260;
const MOST_OF_BATCH_KB = 320;

const BUILD = '.next';
const APP = join(BUILD, 'server/app');

const weighed = new Map<string, number>();
/** A file of the build, compressed [kB]. */
function weightOf(file: string): number {
  const known = weighed.get(file);
  if (known !== undefined) return known;
  const kb = gzipSync(readFileSync(join(BUILD, file))).byteLength / 1000;
  weighed.set(file, kb);
  return kb;
}

type Manifest = { readonly entryJSFiles: Readonly<Record<string, readonly string[]>> };

/** The scripts that a page's manifest names for the page itself and everything around it. */
function scriptsOf(manifest: string): readonly string[] {
  const text = readFileSync(manifest, 'utf8');
  const { entryJSFiles } = JSON.parse(text.slice(text.indexOf('{"'), text.lastIndexOf('}') + 1)) as Manifest;
  return Object.entries(entryJSFiles).flatMap(([of, files]) => (/\/(page|layout)$/.test(of) ? files : []));
}

const { rootMainFiles } = JSON.parse(readFileSync(join(BUILD, 'build-manifest.json'), 'utf8')) as {
  readonly rootMainFiles: readonly string[];
};
const SUFFIX = 'page_client-reference-manifest.js';
const pages = readdirSync(APP, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith(SUFFIX))
  .map((file) => {
    const scripts = new Set([...rootMainFiles, ...scriptsOf(join(APP, file))]);
    const kb = [...scripts].reduce((sum, script) => sum + weightOf(script), 0);
    const page = `/${relative('.', file.slice(0, -SUFFIX.length)).replace(/\/$/, '')}`;
    return { page, kb, most: page === '/batch/[id]' ? MOST_OF_BATCH_KB : MOST_KB };
  })
  .sort((one, other) => other.kb - one.kb);

if (pages.length === 0) throw new Error('There is no build to weigh. Run npm start, or npm run check, which builds.');
for (const { page, kb, most } of pages) console.log(`${kb.toFixed(0).padStart(4)} kB of ${most}  ${page}`);
const heavy = pages.filter(({ kb, most }) => kb > most);
if (heavy.length > 0) {
  console.error(`Too heavy: ${heavy.map(({ page }) => page).join(', ')}. Load what is not seen at first once it is opened.`);
  process.exitCode = 1;
}
