import pg from 'pg';
import { YEARS, fillHouse } from './big-house';
import { peopleAtWork } from './people';

const [what = '200', seconds = '180'] = process.argv.slice(2);
if (what === 'fill') {
  const db = new pg.Client({ connectionString: process.env.OVEN_DATABASE_URL });
  await db.connect();
  await fillHouse(db, YEARS);
  await db.end();
} else {
  const report = await peopleAtWork(`http://127.0.0.1:${process.env.PORT ?? '3210'}`, Number(what), Number(seconds));
  console.log(JSON.stringify(report, null, 1));
}
