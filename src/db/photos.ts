import type { Queryable } from './client';

export type PhotoRow = { readonly media_type: string; readonly picture: Buffer };

export async function maybePhoto(db: Queryable, batchId: string): Promise<PhotoRow | null> {
  const { rows } = await db.query<PhotoRow>('select media_type, picture from photo where batch_id = $1', [batchId]);
  return rows[0] ?? null;
}

export async function hasPhoto(db: Queryable, batchId: string): Promise<boolean> {
  const { rowCount } = await db.query('select from photo where batch_id = $1', [batchId]);
  return rowCount === 1;
}

export async function setPhoto(db: Queryable, batchId: string, { media_type, picture }: PhotoRow): Promise<void> {
  await db.query(
    'insert into photo (batch_id, media_type, picture) values ($1, $2, $3) on conflict (batch_id) do update set media_type = $2, picture = $3',
    [batchId, media_type, picture],
  );
}
