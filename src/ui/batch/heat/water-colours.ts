import { colourAt, type ColourStop } from '../../format/colour-stops';

/** Dry to wet as seen in a cut biscuit: mustard crumb to teal water. Stops: share of the dough's moisture, red, green, blue. */
const STOPS: readonly ColourStop[] = [
  [0, 222, 168, 52],
  [0.14, 233, 201, 128],
  [0.3, 232, 222, 190],
  [0.45, 178, 209, 206],
  [0.7, 70, 152, 163],
  [1, 14, 86, 104],
];

/** Colour of a moisture, as a share of the raw dough's [0..1]. */
export const waterColour = (share: number): [number, number, number] => colourAt(STOPS, share);

export const cssColour = (share: number): string => `rgb(${waterColour(share).join(' ')})`;

const SHADES = 512;

/** The colours in fine steps as pixels in the byte order of a picture: painting a drag's frame asks for forty thousand. */
const PALETTE = Uint32Array.from({ length: SHADES + 1 }, (_, i) => {
  const bytes = new Uint8ClampedArray([...waterColour(i / SHADES), 255]);
  return new Uint32Array(bytes.buffer)[0];
});

/** A moisture's colour as one picture element. */
export const waterPixel = (share: number): number => PALETTE[share <= 0 ? 0 : share >= 1 ? SHADES : (share * SHADES + 0.5) | 0];
