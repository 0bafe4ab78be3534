import { colourAt, type ColourStop } from '../format/colour-stops';

/** What a browning looks like: raw dough, golden, brown, burnt. Stops: browning, red, green, blue. */
const STOPS: readonly ColourStop[] = [
  [0, 238, 221, 186],
  [0.06, 233, 203, 145],
  [0.15, 214, 165, 92],
  [0.3, 171, 112, 56],
  [0.45, 117, 72, 39],
  [0.7, 61, 39, 26],
  [1, 24, 18, 16],
];

/** The colour of a face that is so brown [0..1]. */
export const brownedColour = (browning: number): string => `rgb(${colourAt(STOPS, browning).join(' ')})`;
