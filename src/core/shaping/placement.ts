/** Where one cut-out lies: middle of its box [mm], turn in degrees counter-clockwise. */
export type Placement = { readonly x_mm: number; readonly y_mm: number; readonly turn_deg: number };

/** Cut-outs on a rectangle. */
export type Layout = { readonly count: number; readonly placements: readonly Placement[] };
