/** A colour at a place: where it stands, and its red, green and blue. */
export type ColourStop = readonly [at: number, red: number, green: number, blue: number];

/** The colour between two stops, by straight lines; beyond the ends, theirs. */
export function colourAt(stops: readonly ColourStop[], at: number): [number, number, number] {
  const next = stops.findIndex(([stop]) => at <= stop);
  const [, ...end] = stops[next < 0 ? stops.length - 1 : next];
  if (next <= 0) return [...end];
  const [before, ...from] = stops[next - 1];
  const part = (at - before) / (stops[next][0] - before);
  return [0, 1, 2].map((i) => Math.round(from[i] + part * (end[i] - from[i]))) as [number, number, number];
}
