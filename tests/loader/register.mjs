/** Given to every thread of tests with `--import`: from here on Node itself loads TypeScript, as `hooks.mjs` says. */
import { register } from 'node:module';

register('./hooks.mjs', import.meta.url);
