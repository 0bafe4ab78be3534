import pg from 'pg';
import { YEARS, fillHouse } from './load/big-house';

const RUNS = 20;
const WARM_UP = 4;

/** Pages whose lists grow with the years. */
const PAGES = {
  'page-today': '/',
  'page-log': '/log',
  'page-log-words': '/log?words=note+777',
  'page-log-outside': '/log?state=outside',
  'page-jars': '/jars',
  'page-bake-day': '/day',
  'page-oven': '/oven',
} as const;

/** Makes a house of many years once, and times how long the running server takes for each page [ms]. */
export async function longLists(address: string, databaseUrl: string): Promise<Array<{ name: string; times: number[] }>> {
  const db = new pg.Client({ connectionString: databaseUrl });
  await db.connect();
  try {
    const { rows } = await db.query<{ batches: number }>('select count(*)::int as batches from batch');
    if (rows[0].batches < YEARS.batches) await fillHouse(db, YEARS);
  } finally {
    await db.end();
  }
  const found: Array<{ name: string; times: number[] }> = [];
  for (const [name, page] of Object.entries(PAGES)) {
    const times: number[] = [];
    for (let i = 0; i < RUNS; i++) {
      const began = performance.now();
      const response = await fetch(address + page);
      await response.text();
      if (!response.ok) throw new Error(`${page} answered ${response.status}`);
      times.push(performance.now() - began);
    }
    found.push({ name, times: times.slice(WARM_UP) });
  }
  return found;
}
