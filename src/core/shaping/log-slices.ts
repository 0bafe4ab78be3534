/** A log of dough, rolled by hand or rolled up from a sheet, and sliced. */
export type LogPlan = {
  readonly dough_g: number;
  readonly dough_g_per_ml: number;
  readonly logDiameter_mm: number;
  readonly slice_mm: number;
  /** Longest log that the board and the fridge take. */
  readonly longestLog_mm: number;
  /** Cut off either end because it is not round; pressed together into a last, shorter log. */
  readonly end_mm: number;
};

export type LogYield = {
  readonly logs: number;
  readonly log_mm: number;
  readonly slices: number;
  /** Slices of the logs that were made of ends. */
  readonly fromEnds: number;
  readonly slice_g: number;
  readonly left_g: number;
};

/** Ends are pressed together at most so often. Source: ours. */
const MOST_ROUNDS = 4;

/** Slices from a mass of dough; dough = slices + what is left, always. */
export function sliceLogs(plan: LogPlan): LogYield {
  const g_per_mm = ((Math.PI / 4) * plan.logDiameter_mm ** 2 * plan.dough_g_per_ml) / 1000;
  const slice_g = plan.slice_mm * g_per_mm;
  const all_mm = plan.dough_g / g_per_mm;
  const logs = Math.max(1, Math.ceil(all_mm / plan.longestLog_mm - 1e-9));
  const log_mm = all_mm / logs;
  const first = logs * slicesOf(log_mm, plan);
  let slices = first;
  for (let round = 0, left_mm = all_mm - first * plan.slice_mm; round < MOST_ROUNDS && plan.end_mm > 0; round++) {
    const more = slicesOf(left_mm, plan);
    if (more === 0) break;
    slices += more;
    left_mm -= more * plan.slice_mm;
  }
  return { logs, log_mm, slices, fromEnds: slices - first, slice_g, left_g: plan.dough_g - slices * slice_g };
}

const slicesOf = (length_mm: number, { slice_mm, end_mm }: LogPlan): number =>
  Math.max(0, Math.floor((length_mm - 2 * end_mm) / slice_mm + 1e-9));

/** The flat sheet that is rolled up into a spiral. */
export type RollUp = {
  /** Along the log, and the way it is rolled up. */
  readonly width_mm: number;
  readonly length_mm: number;
  readonly turns: number;
};

/**
 * Sheet of a thickness whose roll has the log's diameter: the cross-section's area is the same, flat or rolled up.
 * A spiral of thickness t has about d / 2t turns.
 */
export const rollUp = (log_mm: number, logDiameter_mm: number, sheetThickness_mm: number): RollUp => ({
  width_mm: log_mm,
  length_mm: ((Math.PI / 4) * logDiameter_mm ** 2) / sheetThickness_mm,
  turns: logDiameter_mm / (2 * sheetThickness_mm),
});
