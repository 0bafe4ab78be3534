/** The made-up demo kitchen: who they are, what they bake, and four batches that they weighed afterwards. */
import { readFile } from 'node:fs/promises';
import type pg from 'pg';
import { applyEdit, editTo, type BatchDocument, type DaySettings, type Path } from '@/core/batch';
import type { Result } from '@/core/failure';
import { setBakeDay } from '@/db/bake-day';
import { addBatch } from '@/db/batches';
import { setDog, type DogRow } from '@/db/dogs';
import { addMeasurement, type Measured } from '@/db/measurements';
import { setAppliance, setCosts, setEnergyPrice, type ApplianceRow, type KitchenRow } from '@/db/kitchen';
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
  readonly baked_on: string;
  readonly edits: ReadonlyArray<{ readonly path: Path; readonly to: unknown }>;
  readonly measured: Omit<Measured, keyof typeof UNSEEN> & Partial<Measured>;
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
  const cardOf = fingerprint(pantry);
  await db.query('begin');
  try {
    const { id, name, altitude_m, room_c, room_rh_pct } = demo.kitchen;
    await db.query('insert into kitchen (id, name, altitude_m, room_c, room_rh_pct) values ($1, $2, $3, $4, $5)', [
      id,
      name,
      altitude_m,
      room_c,
      room_rh_pct,
    ]);
    await setEnergyPrice(db, id, demo.kitchen.energy_per_kwh);
    for (const appliance of demo.appliances) await setAppliance(db, id, appliance);
    await stockIngredients(db, [...pantry.values()], false);
    const documents = new Map<string, BatchDocument>();
    for (const recipe of demo.recipes) {
      const document = must(readBatch(await readFile(recipe.file, 'utf8')));
      documents.set(recipe.id, document);
      await addRecipe(db, id, must(recipeFacts(document, pantry, cardOf)), recipe.id);
    }
    for (const dog of demo.dogs) await setDog(db, id, { ...dog, id: dog.name.toLowerCase() });
    await setCosts(db, id, demo.costs);
    for (const { ingredient, ...price } of demo.prices) await setPrice(db, id, ingredient, price);
    for (const { ingredient, ...lot } of demo.lots) await addLot(db, id, { ...lot, ingredient_id: ingredient });
    const written = (recipe: string): BatchDocument => documents.get(recipe) ?? raise(`no demo recipe ${recipe}`);
    for (const batch of demo.finished) {
      const document = edited({ ...written(batch.recipe), name: batch.name }, batch.edits);
      const predicted = must(forecast(document, { pantry }, true));
      const batchId = await addBatch(db, {
        kitchenId: id,
        recipeId: batch.recipe,
        name: batch.name,
        document,
        forecast: predicted,
        bakedOn: batch.baked_on,
      });
      await addMeasurement(db, batchId, { ...UNSEEN, ...batch.measured }, predicted);
      await db.query("update batch set updated_at = baked_on + time '15:30', created_at = baked_on where id = $1", [batchId]);
    }
    const { due_planned, others, ...saturday } = demo.saturday;
    const plan = async ({
      recipe,
      name: named,
      edits = [],
    }: Pick<DemoBatch, 'recipe' | 'name'> & Partial<DemoBatch>): Promise<string> => {
      const document = edited({ ...written(recipe), name: named }, edits);
      const predicted = must(forecast(document, { pantry }, false));
      return addBatch(db, { kitchenId: id, recipeId: recipe, name: named, document, forecast: predicted });
    };
    const picked: Array<{ batch: string; due: number }> = [];
    for (const other of others) picked.push({ batch: await plan(other), due: other.due });
    await db.query("update batch set updated_at = now() - interval '1 hour' where baked_on is null");
    picked.unshift({ batch: await plan(demo.planned), due: due_planned });
    await setBakeDay(db, id, { day: await nextSaturday(db), settings: { ...saturday, quiet: null, picked, pins: [] }, plan: [] });
    await db.query('commit');
  } catch (error) {
    await db.query('rollback');
    throw error;
  }
  return true;
}

/** What nobody noted of a batch. */
const UNSEEN = { minutes: null, thickness_mm: null, colour: null, dogs: [] };

const edited = (document: BatchDocument, edits: DemoBatch['edits']): BatchDocument =>
  edits.reduce((changed, { path, to }) => applyEdit(changed, editTo(changed, path, to)), document);

/** Today's, when it is one. */
async function nextSaturday(db: pg.ClientBase): Promise<string> {
  const { rows } = await db.query<{ day: string }>(
    'select (current_date + (6 - extract(dow from current_date)::int) % 7) as day',
  );
  return rows[0].day;
}

const raise = (message: string): never => {
  throw new Error(message);
};
const must = <T>(result: Result<T>): T => (result.ok ? result.value : raise(`demo data: ${result.message} (${result.path})`));
