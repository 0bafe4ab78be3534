import sharp from 'sharp';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';
import { maybeBatch } from '@/db/batches';
import { maybePhoto, setPhoto, type PhotoRow } from '@/db/photos';
import { MOST_PX, PHOTO_FORMATS } from './pictures';
import { inTransaction, refusedHere, withDatabase } from './with-database';
import { binOne } from './bin';
import type { Binned } from '@/contract/bin';

/** A page makes photos smaller than this before it sends them [bytes]. */
const LARGEST_PHOTO = 3_000_000;
/** Widest and highest that a photo is kept [px]. */
const KEPT_PX = 2000;
/** Of the kept picture, out of a hundred. */
const QUALITY = 85;

/**
 * Keeps a photo of a batch: opened, turned upright and written anew, so that it is a picture and nothing else, and says nothing of
 * where it was taken.
 */
export async function keepPhoto(batchId: string, bytes: Uint8Array): Promise<Result<{ bytes: number }>> {
  const refused = await refusedHere('helper');
  if (refused) return refused;
  if (bytes.length > LARGEST_PHOTO) return fail('TOO_LARGE', 'This photo is larger than 3 MB. Take a smaller one.', 'photo');
  const picture = await pictureOf(bytes);
  if (!picture) return fail('BAD_VALUE', 'This is not a picture that can be opened: a JPEG, PNG or WebP photo.', 'photo');
  return withDatabase('helper', async (db) => {
    if (!(await maybeBatch(db, batchId))) return fail('NOT_FOUND', SENTENCES.noSuchBatch);
    await setPhoto(db, batchId, { media_type: 'image/jpeg', picture });
    return succeed({ bytes: picture.length });
  });
}

/** The picture written anew; null where it is none. */
async function pictureOf(bytes: Uint8Array): Promise<Buffer | null> {
  try {
    const opened = sharp(bytes, { limitInputPixels: MOST_PX, failOn: 'error' });
    const { format } = await opened.metadata();
    if (!PHOTO_FORMATS.has(format)) return null;
    return await opened
      .rotate()
      .resize({ width: KEPT_PX, height: KEPT_PX, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: QUALITY })
      .toBuffer();
  } catch {
    return null;
  }
}

export const batchPhoto = (batchId: string): Promise<Result<PhotoRow>> =>
  withDatabase('guest', async (db) => {
    const photo = await maybePhoto(db, batchId);
    return photo ? succeed(photo) : fail('NOT_FOUND', 'There is no photo of this batch.');
  });

export const dropPhoto = (batchId: string): Promise<Result<Binned>> =>
  inTransaction('baker', (db) => binOne(db, { kind: 'photo', id: batchId }));
