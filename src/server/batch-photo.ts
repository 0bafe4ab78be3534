import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBatch } from '@/db/batches';
import { maybePhoto, removePhoto, setPhoto, type PhotoRow } from '@/db/photos';
import { withDatabase } from './with-database';

/** A page makes photos smaller than this before it sends them [bytes]. */
const LARGEST_PHOTO = 3_000_000;
/** What pictures begin with, by kind. */
const KINDS: ReadonlyArray<readonly [media_type: string, starts: string]> = [
  ['image/jpeg', 'ffd8ff'],
  ['image/png', '89504e47'],
  ['image/webp', '52494646'],
];

/** Keeps a photo of a batch; what kind of picture it is, is read from the picture itself. */
export const keepPhoto = (batchId: string, bytes: Uint8Array): Promise<Result<{ bytes: number }>> =>
  withDatabase(async (db) => {
    if (bytes.length > LARGEST_PHOTO) return fail('TOO_LARGE', 'This photo is larger than 3 MB. Take a smaller one.', 'photo');
    const picture = Buffer.from(bytes);
    const start = picture.subarray(0, 4).toString('hex');
    const kind = KINDS.find(([, starts]) => start.startsWith(starts));
    if (!kind) return fail('BAD_VALUE', 'This is not a JPEG, PNG or WebP picture.', 'photo');
    if (!(await maybeBatch(db, batchId))) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    await setPhoto(db, batchId, { media_type: kind[0], picture });
    return succeed({ bytes: picture.length });
  });

export const batchPhoto = (batchId: string): Promise<Result<PhotoRow>> =>
  withDatabase(async (db) => {
    const photo = await maybePhoto(db, batchId);
    return photo ? succeed(photo) : fail('NOT_FOUND', 'There is no photo of this batch.');
  });

export const dropPhoto = (batchId: string): Promise<Result<{ id: string }>> =>
  withDatabase(async (db) => {
    await removePhoto(db, batchId);
    return succeed({ id: batchId });
  });
