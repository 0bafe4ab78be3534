import type { WeekIfRow, WeekIfView } from '@/contract/week';
import type { WeekWork } from '@/core/bakeday';
import { dayOf } from '@/core/calls';
import { fail, succeed, type Result } from '@/core/failure';
import { addDays } from '@/core/quantities';
import { bakeDaysBetween } from '@/db/bake-day';
import { batchesBy } from '@/db/batches';
import { soldPerPiece } from '@/db/demand';
import { compute } from './compute/compute';
import type { Jobs } from './compute/jobs';
import type { BatchFacts } from './compute/jobs/week-jobs';
import { workOf } from './bake-day';
import { kitchenCosts } from './kitchen-costs';
import { loadPantry, loadPrices } from './pantry';
import { keyOfDocument } from './remembered';
import { plainPrices } from './view-recipe';
import { kitchenOf, todayIn } from './view-kitchen';
import { withDatabase } from './with-database';
import { workedOnce } from './worked-once';

const NOTHING_PICKED = 'No bake day of the coming week has a batch yet. Pick batches for a day, and ask again.';
const A_WEEK = 7;
/** Prices of a year back still say what such a treat brings. */
const SOLD_WITHIN_DAYS = 365;

/** The bake days of the coming week, as planned and with one thing otherwise in all of them. */
export const viewWeekIf = async (): Promise<Result<WeekIfView>> => {
  const known = await withDatabase('guest', async (db) => {
    const kitchen = await kitchenOf(db);
    if (!kitchen.ok) return kitchen;
    const { id, currency } = kitchen.value;
    const today = todayIn(kitchen.value);
    const rows = (await bakeDaysBetween(db, id, today, addDays(today, A_WEEK - 1))).filter(
      ({ settings }) => settings.picked.length > 0,
    );
    if (rows.length === 0) return fail('NOT_FOUND', NOTHING_PICKED);
    const days = [];
    const left_out = [];
    const names = new Map<string, string>();
    for (const row of rows) {
      const { batches, machines, places, stuck } = await workOf(db, kitchen.value, row);
      for (const { id: machine, name } of machines) names.set(machine, name);
      left_out.push(...stuck.map(({ name }) => name));
      days.push({ day: dayOf(row.settings, { batches, machines, places }), plan: row.plan });
    }
    const picked = days.flatMap(({ day }) => day.batches.map(({ id: batch }) => batch));
    return succeed({
      ...{ currency, names, days, picked, left_out },
      on: rows.map(({ day }) => day),
      batches: await batchesBy(db, id, picked),
      pantry: await loadPantry(db),
      prices: plainPrices(await loadPrices(db, kitchen.value)),
      costs: await kitchenCosts(db, kitchen.value),
      sold: await soldPerPiece(db, id, picked, SOLD_WITHIN_DAYS),
    });
  });
  if (!known.ok) return known;
  if (known.value.batches.length === 0) return fail('NOT_FOUND', NOTHING_PICKED);
  const { currency, names, days, picked, left_out, on, batches, pantry, prices, costs, sold } = known.value;
  // Beside each other: neither needs the other, and each takes a good second.
  const [works, facts] = await Promise.all([planEachWay({ days }), factsOf({ batches, pantry, prices, costs })]);
  if (!works.ok) return works;
  if (!facts.ok) return facts;
  const byId = new Map(facts.value.map((one) => [one.id, one]));
  const made = picked.flatMap((id) => byId.get(id) ?? []);
  return succeed({
    days: on,
    currency,
    rows: works.value.map((work) => rowOf(work, names, made, sold)),
    never_sold: made.filter(({ id }) => !sold.has(id)).reduce((sum, { pieces }) => sum + pieces, 0),
    left_out,
  });
};

/** Weeks, and batches of weeks, that were asked about lately. */
const MOST = 16;
const planned = workedOnce<Jobs['weekIf']['answer']>(MOST);
const worked = workedOnce<Jobs['weekFacts']['answer']>(MOST);

/** The days planned each way; what is baked in them does not matter to it, but only how it is worked. */
const planEachWay = (ask: Jobs['weekIf']['ask']): Promise<Result<readonly WeekWork[]>> =>
  planned(JSON.stringify(ask), () => compute('weekIf', ask));

/** What batches give and take. */
function factsOf(ask: Jobs['weekFacts']['ask']): Promise<Result<readonly BatchFacts[]>> {
  const { batches, pantry, prices, costs } = ask;
  const keys = batches.map(({ id, document }) => [id, keyOfDocument(document, pantry)]);
  return worked(JSON.stringify([keys, prices, costs]), () => compute('weekFacts', ask));
}

/** Twice the work gives and takes twice as much; everything else only moves it. */
function rowOf(
  work: WeekWork,
  names: ReadonlyMap<string, string>,
  made: readonly BatchFacts[],
  sold: ReadonlyMap<string, number>,
): WeekIfRow {
  const { change } = work;
  const times = change.kind === 'twice' ? 2 : 1;
  const sum = (of: (one: BatchFacts) => number): number => times * made.reduce((all, one) => all + of(one), 0);
  const priced = made.some(({ cost }) => cost !== null);
  return {
    ...work,
    machine_name: 'machine' in change && change.machine !== null ? (names.get(change.machine) ?? change.machine) : null,
    pieces: sum(({ pieces }) => pieces),
    energy_kwh: sum(({ energy_kwh }) => energy_kwh),
    cost: priced ? sum(({ cost }) => cost ?? 0) : null,
    income: made.some(({ id }) => sold.has(id)) ? sum(({ id, pieces }) => pieces * (sold.get(id) ?? 0)) : null,
  };
}
