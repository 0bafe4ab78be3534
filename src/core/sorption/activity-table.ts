/**
 * Water activity at 25 °C as a function of moisture, tabulated for the solver: it asks millions of times.
 * Nodes are uniform in u = X/(X + 0.3), X in kg water per kg dry solids, so that dry and wet ends are both fine.
 */
export type ActivityTable = {
  /** ln aw at the nodes, strictly rising. */
  readonly logAw: Float64Array;
  readonly water_kg_per_kg: (aw: number) => number;
};

/** Nodes over u = X/(X + 0.3) [1]. Source: ours. */
const NODES = 601;
const HALF_MOISTURE = 0.3;
/** Last node: X about 20, wetter than any food that is dried. [1] Source: ours. */
const U_LAST = 0.985;
const U_STEP = U_LAST / (NODES - 1);
/** The isotherm is sampled at aw = 1/(1 + e^-y), y uniform between these, so both ends are resolved. [1] Source: ours. */
const SAMPLES = 1601;
const Y_FIRST = -12;
const Y_LAST = 16;
/**
 * ln aw drops by this from the first to the zeroth node. X = 0 is never reached exactly; a Henry-law tail
 * (infinite slope of ln aw) makes bone-dry runs at 200 °C unstable.
 * [1] Source: ours. */
const DRY_END_DROP = 2.5;

/**
 * Inverts an isotherm into a table of ln aw.
 *
 * @param water_kg_per_kg - moisture at an aw [kg/kg dry solids], strictly rising, unbounded towards aw = 1
 * @accuracy round trip within 2e-5 of aw
 */
export function buildActivityTable(water_kg_per_kg: (aw: number) => number): ActivityTable {
  const logAw = new Float64Array(NODES);
  let node = 1;
  let xBefore = 0;
  let logBefore = Y_FIRST;
  for (let sample = 0; sample < SAMPLES && node < NODES; sample++) {
    const y = Y_FIRST + ((Y_LAST - Y_FIRST) * sample) / (SAMPLES - 1);
    const logHere = -Math.log1p(Math.exp(-y));
    const xHere = water_kg_per_kg(1 / (1 + Math.exp(-y)));
    for (; node < NODES && moistureAtNode(node) <= xHere; node++) {
      const part = (moistureAtNode(node) - xBefore) / (xHere - xBefore);
      logAw[node] = logBefore + part * (logHere - logBefore);
    }
    xBefore = xHere;
    logBefore = logHere;
  }
  for (; node < NODES; node++) logAw[node] = -1e-7 * (NODES / (node + 1));
  logAw[0] = logAw[1] - DRY_END_DROP;
  return { logAw, water_kg_per_kg };
}

const moistureAtNode = (node: number): number => (HALF_MOISTURE * node * U_STEP) / (1 - node * U_STEP);

/** ln aw and its slope d(ln aw)/dX, written into `out` as [value, slope] to keep the inner loop free of garbage. */
export function lookUpLogAw(table: ActivityTable, moisture_kg_per_kg: number, out: Float64Array): void {
  const shifted = moisture_kg_per_kg + HALF_MOISTURE;
  const position = moisture_kg_per_kg / shifted / U_STEP;
  const node = position >= NODES - 2 ? NODES - 2 : position <= 0 ? 0 : position | 0;
  const step = table.logAw[node + 1] - table.logAw[node];
  const part = position - node;
  out[0] = table.logAw[node] + step * (part > 1 ? 1 : part);
  out[1] = ((step / U_STEP) * HALF_MOISTURE) / (shifted * shifted);
}

/** Moisture whose ln aw is the given one, from the same table (bisection between nodes) [kg/kg]. */
export function waterAtAw(table: ActivityTable, logAw: number): number {
  const { logAw: nodes } = table;
  if (logAw <= nodes[0]) return 0;
  if (logAw >= nodes[NODES - 1]) return moistureAtNode(NODES - 1);
  let low = 0;
  let high = NODES - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (nodes[middle] <= logAw) low = middle;
    else high = middle;
  }
  const u = (low + (logAw - nodes[low]) / (nodes[high] - nodes[low])) * U_STEP;
  return (HALF_MOISTURE * u) / (1 - u);
}
