import sharp from 'sharp';

/** What a photo may be. */
export const PHOTO_FORMATS: ReadonlySet<string> = new Set(['jpeg', 'png', 'webp']);
/** The most that a picture may have to be opened at all [px]. */
export const MOST_PX = 60e6;

/** What kind of picture it is, opened to its last line; null where it is none. */
export async function pictureFormat(bytes: Uint8Array): Promise<string | null> {
  try {
    const opened = sharp(bytes, { limitInputPixels: MOST_PX, failOn: 'error' });
    const { format } = await opened.metadata();
    await opened.stats();
    return PHOTO_FORMATS.has(format) ? format : null;
  } catch {
    return null;
  }
}
