/** Whole fruit, roots or meat, sliced as they are. */
export type SlicingPlan = {
  readonly mass_g: number;
  readonly g_per_ml: number;
  /** Slicer's setting. */
  readonly thickness_mm: number;
  readonly diameter_mm: number;
  /** Bored out along the middle; 0 leaves it in. */
  readonly core_mm: number;
  /** Taken off all round; 0 leaves the skin on. */
  readonly peel_mm: number;
  /** Both ends that do not make a slice, as a share of the length [1]. */
  readonly ends: number;
};

export type SlicingYield = {
  readonly slices: number;
  readonly slice_g: number;
  readonly outer_mm: number;
  /** Peel, core and ends, and the last part of a slice [g]. */
  readonly peel_g: number;
  readonly core_g: number;
  readonly ends_g: number;
  readonly left_g: number;
};

/** Slices of round, long things; whole = slices + peel + core + ends + left, always. A core or peel as wide as the piece leaves nothing. */
export function sliceWhole(plan: SlicingPlan): SlicingYield {
  const outer_mm = plan.diameter_mm - 2 * plan.peel_mm;
  const disc = (d: number): number => (Math.PI / 4) * d * d;
  const share = (area: number): number => area / disc(plan.diameter_mm);
  const flesh = outer_mm > plan.core_mm ? share(disc(outer_mm) - disc(plan.core_mm)) : 0;
  const peel_g = plan.mass_g * (1 - share(disc(outer_mm)));
  const core_g = plan.mass_g - peel_g - plan.mass_g * flesh;
  const ends_g = plan.mass_g * flesh * plan.ends;
  const usable_g = plan.mass_g * flesh - ends_g;
  const slice_g = (flesh * disc(plan.diameter_mm) * plan.thickness_mm * plan.g_per_ml) / 1000;
  const slices = slice_g > 0 ? Math.floor(usable_g / slice_g + 1e-9) : 0;
  return { slices, slice_g, outer_mm, peel_g, core_g, ends_g, left_g: usable_g - slices * slice_g };
}

export type CubeYield = { readonly cubes: number; readonly cube_g: number; readonly offCuts_g: number };

/** Cubes cut from whole pieces: a share goes into off-cuts, as well as the last part of a cube. */
export function cutCubes(mass_g: number, g_per_ml: number, edge_mm: number, offCuts: number): CubeYield {
  const cube_g = (edge_mm ** 3 * g_per_ml) / 1000;
  const cubes = Math.floor((mass_g * (1 - offCuts)) / cube_g + 1e-9);
  return { cubes, cube_g, offCuts_g: mass_g - cubes * cube_g };
}
