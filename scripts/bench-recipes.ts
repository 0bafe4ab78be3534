import pg from 'pg';

const MANY = 2000;
const RUNS = 40;
const WARM_UP = 5;

/** Fills the book with two thousand recipes, and times how long the running server takes to open it and to search it [ms]. */
export async function recipeBook(address: string, databaseUrl: string): Promise<{ open: number[]; search: number[] }> {
  const db = new pg.Client({ connectionString: databaseUrl });
  await db.connect();
  try {
    await db.query(
      `insert into recipe (id, kitchen_id, name, method, summary, document, ingredient_ids, allergens, words, card, card_of)
       select 'bench-' || id || '-' || n, kitchen_id, name || ' ' || n, method, summary, document, ingredient_ids, allergens, words || n, card, card_of
       from recipe cross join generate_series(1, $1::int) as n where id not like 'bench-%' limit $1`,
      [MANY],
    );
    const time = async (query: string): Promise<number[]> => {
      const times: number[] = [];
      for (let i = 0; i < RUNS; i++) {
        const start = performance.now();
        const response = await fetch(`${address}/api/recipes${query}`);
        await response.text();
        if (!response.ok) throw new Error(`the book answered ${response.status}`);
        times.push(performance.now() - start);
      }
      return times.slice(WARM_UP);
    };
    return { open: await time(''), search: await time('?q=mackerel+spelt&without=peanut') };
  } finally {
    await db.query("delete from recipe where id like 'bench-%'");
    await db.end();
  }
}
