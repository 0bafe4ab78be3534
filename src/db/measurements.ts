import type { Queryable } from './client';
import type { ForecastRow } from './forecast';

/** What the baker entered; null where nothing was. */
export type Measured = {
  readonly pieces: number | null;
  /** The same by the portions of a bowl; empty where it is not shared out, or was counted together. */
  readonly portions: readonly PortionCount[];
  readonly tray_g: number;
  readonly before_g: number | null;
  readonly after_g: number | null;
  readonly texture: string | null;
  readonly note: string;
  /** What it really took in the heat [min], and how thick a raw piece was. */
  readonly minutes: number | null;
  readonly thickness_mm: number | null;
  /** Of the edge, as the prediction tells it. */
  readonly colour: string | null;
  readonly dogs: readonly DogVerdict[];
};
/** Pieces counted of one portion of a bowl. */
export type PortionCount = { readonly portion: string; readonly pieces: number };
/** What a dog made of it. */
export const VERDICTS = ['wolfed it', 'took it', 'thought about it', 'left it'] as const;
export type DogVerdict = { readonly dog: string; readonly verdict: (typeof VERDICTS)[number] };
export type MeasurementRow = Measured & { readonly forecast: ForecastRow; readonly revision: number };

const COLUMNS =
  'pieces, tray_g, before_g, after_g, texture, note, minutes, thickness_mm, colour, dogs, portions, forecast, revision';

export async function maybeMeasurement(db: Queryable, batchId: string): Promise<MeasurementRow | null> {
  const { rows } = await db.query<MeasurementRow>(`select ${COLUMNS} from measurement where batch_id = $1`, [batchId]);
  return rows[0] ?? null;
}

/** Measurements of batches, by batch. */
export async function measurementsOf(db: Queryable, batchIds: readonly string[]): Promise<Map<string, MeasurementRow>> {
  const { rows } = await db.query<MeasurementRow & { batch_id: string }>(
    `select batch_id, ${COLUMNS} from measurement where batch_id = any($1)`,
    [batchIds],
  );
  return new Map(rows.map(({ batch_id, ...row }) => [batch_id, row]));
}

/** First entry of a batch; null when there is one already. */
export async function addMeasurement(
  db: Queryable,
  batchId: string,
  measured: Measured,
  forecast: ForecastRow,
): Promise<number | null> {
  const { rows } = await db.query<{ revision: number }>(
    `insert into measurement (batch_id, pieces, tray_g, before_g, after_g, texture, note, minutes, thickness_mm, colour, dogs, portions, forecast)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13) on conflict (batch_id) do nothing returning revision`,
    [...valuesOf(batchId, measured), JSON.stringify(forecast)],
  );
  return rows[0]?.revision ?? null;
}

/** Corrects an entry at exactly this revision; the forecast it answers to stays. Null when it is stale. */
export async function replaceMeasurement(
  db: Queryable,
  batchId: string,
  revision: number,
  measured: Measured,
): Promise<number | null> {
  const { rows } = await db.query<{ revision: number }>(
    `update measurement set pieces = $2, tray_g = $3, before_g = $4, after_g = $5, texture = $6, note = $7, minutes = $8,
       thickness_mm = $9, colour = $10, dogs = $11, portions = $12, revision = revision + 1, measured_at = now()
     where batch_id = $1 and revision = $13 returning revision`,
    [...valuesOf(batchId, measured), revision],
  );
  return rows[0]?.revision ?? null;
}

const valuesOf = (batchId: string, m: Measured): unknown[] => [
  batchId,
  m.pieces,
  m.tray_g,
  m.before_g,
  m.after_g,
  m.texture,
  m.note,
  m.minutes,
  m.thickness_mm,
  m.colour,
  JSON.stringify(m.dogs),
  JSON.stringify(m.portions),
];
