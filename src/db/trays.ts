import type { Queryable } from './client';

/** The tray of a batch that is weighed in one appliance of its programme: empty, and with its pieces as it goes in [g]. */
export type TrayRow = {
  /** Which of the programme's appliances, counted from 0. */
  readonly stage: number;
  readonly tray_g: number | null;
  readonly before_g: number | null;
};

/** The weighed trays of batches, in the order of their appliances. */
export async function traysOf(db: Queryable, batchIds: readonly string[]): Promise<Map<string, TrayRow[]>> {
  const { rows } = await db.query<TrayRow & { batch_id: string }>(
    'select batch_id, stage, tray_g, before_g from tray where batch_id = any($1) order by stage',
    [batchIds],
  );
  const trays = new Map<string, TrayRow[]>(batchIds.map((id) => [id, []]));
  for (const { batch_id, ...row } of rows) trays.get(batch_id)?.push(row);
  return trays;
}

/** What is said of a tray; what is not stays as it was, since the other weight may be on its way from the same hands. */
export type TrayChange = Pick<TrayRow, 'stage'> & Partial<Omit<TrayRow, 'stage'>>;

/** Notes what a tray weighs. */
export async function setTray(db: Queryable, batchId: string, { stage, tray_g, before_g }: TrayChange): Promise<void> {
  await db.query(
    `insert into tray (batch_id, stage, tray_g, before_g) values ($1, $2, $3, $4)
     on conflict (batch_id, stage) do update set
       tray_g = case when $5 then excluded.tray_g else tray.tray_g end,
       before_g = case when $6 then excluded.before_g else tray.before_g end`,
    [batchId, stage, tray_g ?? null, before_g ?? null, tray_g !== undefined, before_g !== undefined],
  );
}
