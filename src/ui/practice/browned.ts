/** What a browning looks like: raw dough, golden, brown, burnt. Stops: browning, red, green, blue. */
const STOPS: ReadonlyArray<readonly [number, number, number, number]> = [
  [0, 238, 221, 186],
  [0.06, 233, 203, 145],
  [0.15, 214, 165, 92],
  [0.3, 171, 112, 56],
  [0.45, 117, 72, 39],
  [0.7, 61, 39, 26],
  [1, 24, 18, 16],
];

/** The colour of a face that is so brown [0..1]. */
export function brownedColour(browning: number): string {
  const at = Math.min(1, Math.max(0, browning));
  const next = Math.max(
    1,
    STOPS.findIndex(([stop]) => at <= stop),
  );
  const [[from, ...a], [to, ...b]] = [STOPS[next - 1], STOPS[next]];
  const part = (at - from) / (to - from);
  return `rgb(${a.map((value, i) => Math.round(value + part * (b[i] - value))).join(' ')})`;
}
