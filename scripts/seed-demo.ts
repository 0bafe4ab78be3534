/** The made-up demo kitchen: who they are, what they bake, and the batches that they baked, weighed and put away before. */
import { readFile } from 'node:fs/promises';
import type pg from 'pg';
import { applyEdit, editTo, type BatchDocument, type Path } from '@/core/document';
import { dueTimes, stageTimes, type DaySettings } from '@/core/calls';
import { freshLife } from '@/core/outcomes';
import type { Result } from '@/core/failure';
import { movedTo, openedOn, type Stored } from '@/core/keeping';
import type { Pantry } from '@/core/pantry';
import { addDays } from '@/core/quantities';
import { addBake, setBake, setCallRows } from '@/db/bakes';
import { addJarEvent, setJar } from '@/db/jars';
import { learnedOf } from '@/db/learned';
import { addReadings } from '@/db/readings';
import { setTray } from '@/db/trays';
import { predictCalls, minuteOf } from '@/server/oven/bake-state';
import { withLearnedPace, refitAppliance } from '@/server/oven/learn';
import { store } from '@/server/jars/store';
import { setBakeDay } from '@/db/bake-day';
import { addBatch } from '@/db/batches';
import { inKitchenOf } from '@/db/client';
import { setDog, type DogRow } from '@/db/dogs';
import { addMeasurement, type Measured } from '@/db/measurements';
import { addKitchen } from '@/db/kitchens';
import { maybeKitchen, setAppliance, setSettings, type ApplianceRow, type KitchenRow } from '@/db/kitchen';
import { addLot, setPrice, stockIngredients, type LotRow } from '@/db/pantry';
import { addRecipe } from '@/db/recipes';
import { readBatch } from '@/formats/read-batch';
import { shippedPantry } from '@/formats/shipped-pantry';
import { forecast } from '@/server/forecast';
import { fingerprint, recipeFacts } from '@/server/recipe-facts';

type DemoRecipe = { readonly id: string; readonly file: string };
type DemoBatch = {
  readonly recipe: string;
  readonly name: string;
  readonly days_ago: number;
  readonly edits: ReadonlyArray<{ readonly path: Path; readonly to: unknown }>;
  readonly measured: Omit<Measured, keyof typeof UNSEEN> & Partial<Measured>;
  /** Trays weighed on the way, in the first appliance. */
  readonly weighed: readonly WeighedTray[];
  /** The tray that was weighed after it was moved on: empty, as it went in, and on the way. */
  readonly moved_on?: { readonly tray_g: number; readonly before_g: number; readonly weighed: readonly WeighedTray[] };
  /** What became of its packs, in their order. */
  readonly jars: readonly DemoJar[];
};
type WeighedTray = { readonly minutes: number; readonly tray_g: number };
type DemoJar = {
  readonly eaten?: number;
  readonly given?: number;
  readonly sold?: number;
  readonly price?: number;
  readonly discarded?: number;
  readonly note?: string;
  readonly opened_days_ago?: number;
  readonly frozen?: true;
};
type Demo = {
  readonly kitchen: {
    readonly id: string;
    readonly name: string;
    readonly altitude_m: number;
    readonly room_c: number;
    readonly room_rh_pct: number;
    readonly energy_per_kwh: number;
  };
  readonly appliances: readonly ApplianceRow[];
  readonly recipes: readonly DemoRecipe[];
  readonly finished: readonly DemoBatch[];
  readonly planned: Pick<DemoBatch, 'recipe' | 'name' | 'edits'>;
  /** The next Saturday: what is baked beside the planned batch, and when each is due [min after midnight]. */
  readonly saturday: Omit<DaySettings, 'picked' | 'pins' | 'quiet'> & {
    readonly due_planned: number;
    readonly others: ReadonlyArray<{ readonly recipe: string; readonly name: string; readonly due: number }>;
  };
  readonly dogs: ReadonlyArray<Omit<DogRow, 'id'>>;
  readonly costs: KitchenRow['costs'];
  readonly prices: ReadonlyArray<{ readonly ingredient: string; readonly pack_g: number; readonly price: number }>;
  readonly lots: ReadonlyArray<Omit<LotRow, 'id' | 'ingredient_id'> & { readonly ingredient: string }>;
};

/** Fills an empty database; returns false when a kitchen is there already. */
export async function seedDemo(db: pg.ClientBase): Promise<boolean> {
  const { rowCount } = await db.query('select from kitchen');
  if (rowCount !== 0) return false;
  const demo = JSON.parse(await readFile('data/demo-kitchen.json', 'utf8')) as Demo;
  const pantry = await shippedPantry();
  await db.query('begin');
  try {
    const place: Place = { db, demo, pantry, documents: await fillKitchen(db, demo, pantry) };
    const kitchen = (await maybeKitchen(db)) ?? raise('no kitchen');
    await bakeFinished(place, kitchen);
    for (const appliance of demo.appliances) must(await refitAppliance(db, kitchen, appliance));
    await planSaturday(place);
    await db.query('commit');
  } catch (error) {
    await db.query('rollback');
    throw error;
  }
  return true;
}

/** What the steps of setting up share. */
type Place = {
  readonly db: pg.ClientBase;
  readonly demo: Demo;
  readonly pantry: Pantry;
  /** By recipe. */
  readonly documents: ReadonlyMap<string, BatchDocument>;
};
const writtenIn = ({ documents }: Place, recipe: string): BatchDocument =>
  documents.get(recipe) ?? raise(`no demo recipe ${recipe}`);

/** Puts kit, shelf, book and dogs into a new kitchen; returns the recipes. */
async function fillKitchen(db: pg.ClientBase, demo: Demo, pantry: Pantry): Promise<Map<string, BatchDocument>> {
  const cardOf = fingerprint(pantry);
  const { id } = demo.kitchen;
  await addKitchen(db, { ...demo.kitchen, is_demo: true });
  await inKitchenOf(db, id);
  await setSettings(db, id, { part: 'energy', value: demo.kitchen }, 'any');
  for (const appliance of demo.appliances) await setAppliance(db, id, appliance, 'any');
  await stockIngredients(db, [...pantry.values()], null);
  const documents = new Map<string, BatchDocument>();
  for (const recipe of demo.recipes) {
    const document = must(readBatch(await readFile(recipe.file, 'utf8')));
    documents.set(recipe.id, document);
    await addRecipe(db, id, must(recipeFacts(document, pantry, cardOf)), recipe.id);
  }
  for (const dog of demo.dogs) await setDog(db, id, { ...dog, id: dog.name.toLowerCase() }, 'any');
  await setSettings(db, id, { part: 'costs', value: demo.costs }, 'any');
  for (const { ingredient, ...price } of demo.prices) await setPrice(db, id, { ingredient, price }, 'any');
  for (const { ingredient, ...lot } of demo.lots) await addLot(db, id, { ...lot, ingredient_id: ingredient });
  return documents;
}

/** Bakes, weighs and eats what the scenario has behind it. */
async function bakeFinished(place: Place, kitchen: KitchenRow): Promise<void> {
  const { db, demo, pantry } = place;
  const { id } = kitchen;
  const today = await dateOf(db);
  for (const batch of demo.finished) {
    const document = edited({ ...writtenIn(place, batch.recipe), name: batch.name }, batch.edits);
    const predicted = must(await forecast(document, pantry, true));
    const batchId = await addBatch(db, {
      kitchenId: id,
      recipeId: batch.recipe,
      name: batch.name,
      document,
      forecast: predicted,
      bakedOn: daysBefore(today, batch.days_ago),
    });
    await addMeasurement(db, batchId, { ...UNSEEN, ...batch.measured }, predicted);
    await db.query("update batch set updated_at = baked_on + time '15:30', created_at = baked_on where id = $1", [batchId]);
    await wasBaked(db, id, { id: batchId, document, batch, baked_on: daysBefore(today, batch.days_ago), pantry });
    const row = { id: batchId, name: batch.name, document, baked_on: daysBefore(today, batch.days_ago) };
    must(await store(db, kitchen, row, pantry));
    await eatFrom(db, { batchId, document, jars: batch.jars, today, baked_on: row.baked_on, pantry });
  }
}

/** Plans the scenario's Saturday with what its ovens have taught. */
async function planSaturday(place: Place): Promise<void> {
  const { db, demo, pantry } = place;
  const { id } = demo.kitchen;
  const learned = await learnedOf(db, id);
  const { due_planned, others, ...saturday } = demo.saturday;
  const plan = async ({
    recipe,
    name: named,
    edits = [],
  }: Pick<DemoBatch, 'recipe' | 'name'> & Partial<DemoBatch>): Promise<string> => {
    const document = withLearnedPace(edited({ ...writtenIn(place, recipe), name: named }, edits), demo.appliances, learned);
    const predicted = must(await forecast(document, pantry, false));
    return addBatch(db, { kitchenId: id, recipeId: recipe, name: named, document, forecast: predicted });
  };
  const picked: Array<{ batch: string; due: number }> = [];
  for (const other of others) picked.push({ batch: await plan(other), due: other.due });
  await db.query("update batch set updated_at = now() - interval '1 hour' where baked_on is null");
  picked.unshift({ batch: await plan(demo.planned), due: due_planned });
  const settings = { ...saturday, quiet: null, picked, pins: [] };
  await setBakeDay(db, id, { day: await nextSaturday(db), settings, plan: [] }, 'any');
}

const dateOf = async (db: pg.ClientBase): Promise<string> =>
  (await db.query<{ day: string }>('select current_date::text as day')).rows[0].day;
const daysBefore = (day: string, days: number): string => addDays(day, -days);

type Baked = {
  readonly id: string;
  readonly document: BatchDocument;
  readonly batch: DemoBatch;
  readonly baked_on: string;
  readonly pantry: Pantry;
};

/** A finished batch stood at the oven: its calls are done at their times, and its trays were weighed. */
async function wasBaked(db: pg.ClientBase, kitchenId: string, { id, document, batch, baked_on, pantry }: Baked): Promise<void> {
  const { calls } = must(await predictCalls(document, pantry));
  const starts_at = new Date(`${baked_on}T09:00:00`);
  const due = dueTimes(calls, { done: calls.map(() => null), added: [], starts: minuteOf(starts_at), planned: {} });
  const at = (minute: number): Date => new Date(minute * 60_000);
  await addBake(db, kitchenId, { batch_id: id, day: null, starts_at, planned: {} });
  await setBake(db, { batch_id: id, planned: {}, ended_at: at(due[due.length - 1]) });
  await setCallRows(
    db,
    id,
    calls.map((call, position) => ({
      position,
      call,
      added_minutes: 0,
      due_at: at(due[position]),
      done_at: at(due[position]),
    })),
  );
  const { tray_g, before_g } = batch.measured;
  const trays = [{ tray_g, before_g, weighed: batch.weighed }, ...(batch.moved_on ? [batch.moved_on] : [])];
  const times = stageTimes(calls, due);
  for (const [stage, { weighed, ...tray }] of trays.entries()) {
    const wentIn = times[stage].in ?? raise(`${batch.name} stood in nothing`);
    await setTray(db, id, { stage, ...tray });
    await addReadings(
      db,
      id,
      weighed.map(({ minutes, tray_g: value }) => ({ at: at(wentIn + minutes), kind: 'tray_g', value, source: 'scale' })),
    );
  }
}

type Used = {
  readonly batchId: string;
  readonly document: BatchDocument;
  readonly jars: readonly DemoJar[];
  readonly today: string;
  readonly baked_on: string;
  readonly pantry: Pantry;
};

/** What became of a batch's packs since. */
async function eatFrom(db: pg.ClientBase, { batchId, document, jars, today, baked_on, pantry }: Used): Promise<void> {
  const { rows } = await db.query<{ id: string; left_over: number; state: Stored }>(
    'select id, left_over, state from jar where batch_id = $1 order by left_over desc, created_at, id',
    [batchId],
  );
  await db.query("update jar_event e set at = j.packed_on + time '15:30' from jar j where j.id = e.jar_id and j.batch_id = $1", [
    batchId,
  ]);
  for (const [i, jar] of rows.entries()) {
    const { opened_days_ago, frozen, note = '', price = null, ...taken } = jars[i] ?? {};
    const day = opened_days_ago === undefined ? addDays(baked_on, 2) : daysBefore(today, opened_days_ago);
    const on = new Date(`${day}T12:00:00Z`);
    let { state, left_over } = jar;
    if (opened_days_ago !== undefined) {
      const { opened_days } = must(freshLife(document, { pantry }, { portion: null, option: state.option, store: state.store }));
      state = openedOn(state, day, opened_days);
      await addJarEvent(db, jar.id, { at: on, act: 'opened', pieces: null, price: null, note: '' });
    }
    if (frozen) {
      const there = must(freshLife(document, { pantry }, { portion: null, option: state.option, store: 'freezer' }));
      state = must(movedTo(state, baked_on, { option: state.option, store: 'freezer', life: there.life }, there.tender));
      await addJarEvent(db, jar.id, { at: new Date(`${baked_on}T16:00:00Z`), act: 'moved', pieces: null, price: null, note: '' });
    }
    for (const act of ['eaten', 'given', 'sold', 'discarded'] as const) {
      const pieces = Math.min(left_over, taken[act] ?? 0);
      if (pieces === 0) continue;
      left_over -= pieces;
      await addJarEvent(db, jar.id, { at: on, act, pieces, price: act === 'sold' ? price : null, note });
    }
    await setJar(db, jar.id, { left_over, state });
  }
}

/** What nobody noted of a batch. */
const UNSEEN = { minutes: null, thickness_mm: null, colour: null, dogs: [], portions: [] };

const edited = (document: BatchDocument, edits: DemoBatch['edits']): BatchDocument =>
  edits.reduce((changed, { path, to }) => applyEdit(changed, editTo(changed, path, to)), document);

/** Today's, when it is one. */
async function nextSaturday(db: pg.ClientBase): Promise<string> {
  const { rows } = await db.query<{ day: string }>(
    'select (current_date + (6 - extract(dow from current_date)::int) % 7)::text as day',
  );
  return rows[0].day;
}

const raise = (message: string): never => {
  throw new Error(message);
};
const must = <T>(result: Result<T>): T => (result.ok ? result.value : raise(`demo data: ${result.message} (${result.path})`));
