import type { Appliance } from '@/core/catalogue';
import type { BatchDocument } from '@/core/document';
import type { Act, LessonName, Verdict } from '@/core/practice';
import type { Input } from '@/core/prediction';
import type { Queryable } from './client';
import { isId } from './ids';

/** A practice bake as it is kept. */
export type PracticeRow = {
  readonly id: string;
  readonly kitchen_id: string;
  readonly baked_by: string;
  readonly lesson: LessonName | null;
  readonly batch_id: string | null;
  readonly name: string;
  readonly document: BatchDocument;
  readonly unknown: readonly Input[];
  readonly owned: { readonly probe: boolean; readonly dryer: Appliance | null };
  readonly truth: number;
  readonly acts: readonly Act[];
  readonly begun_at: Date;
  readonly verdict: Verdict | null;
  readonly judged_at: Date | null;
};
export type NewPractice = Pick<PracticeRow, 'lesson' | 'batch_id' | 'name' | 'document' | 'unknown' | 'owned' | 'truth'> & {
  readonly kitchenId: string;
  readonly bakedBy: string;
};

const COLUMNS =
  'id, kitchen_id, baked_by, lesson, batch_id, name, document, unknown, owned, truth, acts, begun_at, verdict, judged_at';

export async function addPractice(db: Queryable, one: NewPractice): Promise<string> {
  const { rows } = await db.query<{ id: string }>(
    `insert into practice (kitchen_id, baked_by, lesson, batch_id, name, document, unknown, owned, truth)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9) returning id`,
    [
      one.kitchenId,
      one.bakedBy,
      one.lesson,
      one.batch_id,
      one.name,
      one.document,
      JSON.stringify(one.unknown),
      one.owned,
      one.truth,
    ],
  );
  return rows[0].id;
}

/** A practice bake of this kitchen; null where there is none, or the text is no id. */
export async function maybePractice(db: Queryable, id: string): Promise<PracticeRow | null> {
  if (!isId(id)) return null;
  const { rows } = await db.query<PracticeRow>(`select ${COLUMNS} from practice where id = $1`, [id]);
  return rows[0] ?? null;
}

/** Adds an act after so many; false where another number stands there, so that one sent twice is done once. */
export async function addAct(db: Queryable, id: string, after: number, act: Act): Promise<boolean> {
  const { rowCount } = await db.query(
    'update practice set acts = acts || $3::jsonb where id = $1 and jsonb_array_length(acts) = $2 and verdict is null',
    [id, after, JSON.stringify([act])],
  );
  return rowCount === 1;
}

export async function setVerdict(db: Queryable, id: string, verdict: Verdict): Promise<void> {
  await db.query('update practice set verdict = $2, judged_at = now() where id = $1 and verdict is null', [id, verdict]);
}

/** How bakes of lessons went, as far as a list tells it. */
export type PractisedRow = {
  readonly id: string;
  readonly lesson: LessonName | null;
  readonly batch_id: string | null;
  readonly name: string;
  readonly begun_at: Date;
  readonly judged_at: Date | null;
  /** Of the best that could be done, so much was done [0..1]; null while it is still in the oven. */
  readonly share: number | null;
};
/** A list tells no more. */
const MOST = 500;

/** What one person practised in a kitchen, the newest first. */
export async function practisedBy(db: Queryable, kitchenId: string, person: string): Promise<PractisedRow[]> {
  const { rows } = await db.query<PractisedRow>(
    `select id, lesson, batch_id, name, begun_at, judged_at, (verdict ->> 'share')::float as share
     from practice where kitchen_id = $1 and baked_by = $2 order by begun_at desc, id limit ${MOST}`,
    [kitchenId, person],
  );
  return rows;
}
