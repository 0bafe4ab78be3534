import type { CutThrough } from '@/core/prediction';
import { waterPixel } from './water-colours';

/** Pixels of a picture, four bytes each: red, green, blue, alpha. */
type Pixels = { readonly data: Uint8ClampedArray<ArrayBufferLike>; readonly width: number; readonly height: number };

/**
 * Paints the piece's thickness against time: left is the start, the tray is below, colour is water.
 * Between recorded moments and cells the moisture is interpolated, so that no grid shows that the physics does not have.
 *
 * @param pixels - filled; where there is no piece it stays clear
 * @param minuteAt - the minute at a share of the width: the axis above need not run evenly
 */
export function paintCutThrough(pixels: Pixels, picture: CutThrough, minuteAt: (share: number) => number): void {
  const { data, width, height } = pixels;
  const { minutes, cells, moisture_pct, height_mm } = picture;
  const elements = new Uint32Array(data.buffer);
  const tallest_mm = tallest(picture);
  const wettest = moisture_pct[0] || 1;
  const column = new Float64Array(cells);
  const tops = new Float64Array(cells + 1);
  let frame = 0;
  for (let x = 0; x < width; x++) {
    const minute = minuteAt((x + 0.5) / width);
    if (minute > minutes[minutes.length - 1]) return;
    while (frame + 2 < minutes.length && minutes[frame + 1] < minute) frame++;
    const part = Math.min(1, Math.max(0, (minute - minutes[frame]) / (minutes[frame + 1] - minutes[frame] || 1)));
    const [a, b] = [frame * cells, (frame + 1) * cells];
    tops[0] = 0;
    for (let cell = 0; cell < cells; cell++) {
      column[cell] = (moisture_pct[a + cell] * (1 - part) + moisture_pct[b + cell] * part) / wettest;
      tops[cell + 1] = tops[cell] + height_mm[a + cell] * (1 - part) + height_mm[b + cell] * part;
    }
    const thickness = tops[cells];
    let cell = 0;
    for (let y = 0; y < height; y++) {
      // From the top of the tallest moment down to the tray.
      const depth = ((y + 0.5) / height) * tallest_mm - (tallest_mm - thickness);
      if (depth < 0) continue;
      while (cell < cells - 1 && tops[cell + 1] < depth) cell++;
      const middle = (tops[cell] + tops[cell + 1]) / 2;
      const other = depth < middle ? Math.max(0, cell - 1) : Math.min(cells - 1, cell + 1);
      const between = Math.abs((tops[other] + tops[other + 1]) / 2 - middle) || 1;
      const mixed = Math.min(1, Math.abs(depth - middle) / between);
      elements[y * width + x] = waterPixel(column[cell] * (1 - mixed) + column[other] * mixed);
    }
  }
}

/** Greatest thickness over the programme [mm]. */
export function tallest({ minutes, cells, height_mm }: CutThrough): number {
  let most = 0;
  for (let row = 0; row < minutes.length; row++) {
    let sum = 0;
    for (let cell = 0; cell < cells; cell++) sum += height_mm[row * cells + cell];
    most = Math.max(most, sum);
  }
  return most;
}
