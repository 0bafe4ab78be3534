/** Gap between pieces on the tray [mm] against how much of their sides is open [1]. Source: ours. */
const EXPOSURE: ReadonlyArray<readonly [number, number]> = [
  [0, 0.35],
  [2, 0.4],
  [10, 0.7],
  [25, 1],
];

/** Share of the side faces that a gap leaves open. */
export function exposureOf(gap_mm: number): number {
  const next = EXPOSURE.findIndex(([gap]) => gap_mm <= gap);
  if (next < 0) return 1;
  if (next === 0) return EXPOSURE[0][1];
  const [g0, e0] = EXPOSURE[next - 1];
  const [g1, e1] = EXPOSURE[next];
  return e0 + ((e1 - e0) * (gap_mm - g0)) / (g1 - g0);
}
