/**
 * The bare metal between pieces takes up heat as well, and leads it under them: a round fin about each piece.
 * Equations: docs/model/heat.md.
 */
export type TrayFin = {
  /** Radius of a disc of the piece's area, and of its share of the tray [m]. */
  readonly radius_m: number;
  readonly outer_m: number;
  /** How much of the open air the floor of the gap sees between its neighbours [1]. */
  readonly view: number;
};

/** Conductance along the sheet: its conductivity times its thickness [W/K]. Source: steel, 50 W/(m K), 0.8 mm. */
const SHEET_W_PER_K = 0.04;
/** Heat is drawn from as far as twice the length over which it fades; there it is taken to end [1]. Source: ours. */
const FADES = 2;
/** Typical coefficient of both faces of the bare tray, for how far heat is drawn from [W/(m2 K)]. Source: ours. */
const USUAL_W_PER_M2_K = 25;

/**
 * The fin of one piece among others on a tray.
 *
 * @param covered - share of the tray under pieces
 */
export function trayFin(area_m2: number, thickness_m: number, covered: number): TrayFin {
  const radius_m = Math.sqrt(area_m2 / Math.PI);
  const side_m = Math.sqrt(area_m2);
  const gap_m = Math.max(0, side_m * (1 / Math.sqrt(covered) - 1));
  const slope = gap_m > 0 ? thickness_m / gap_m : Infinity;
  const view = gap_m > 0 ? Math.hypot(1, slope) - slope : 0;
  return { radius_m, outer_m: radius_m / Math.sqrt(covered), view };
}

/**
 * Heat that the bare tray leads under a piece, per degree between air and tray, per area of the piece [W/(m2 K)].
 *
 * @param below_W_per_m2_K - heat transfer to the underside of the tray, and above to its upper face
 * @source fin efficiency of a round fin, Schmidt 1949
 */
export function finHeat({ radius_m: r, outer_m, view }: TrayFin, below_W_per_m2_K: number, above_W_per_m2_K: number): number {
  const heat = below_W_per_m2_K + view * above_W_per_m2_K;
  const m = Math.sqrt(heat / SHEET_W_PER_K);
  const ratio = Math.min(outer_m, r + FADES / m) / r;
  const x = m * r * (ratio - 1) * (1 + 0.35 * Math.log(ratio));
  if (x < 1e-6) return 0;
  const bare = heat * (Math.tanh(x) / x) * (ratio * ratio - 1);
  // Under the piece the heat spreads from the rim to the middle.
  const spread = (r * r) / (8 * SHEET_W_PER_K);
  return 1 / (1 / bare + spread);
}

/** How much more tray warms up with a piece than lies under it [1]. */
export function finArea({ radius_m: r, outer_m }: TrayFin): number {
  const reach = FADES / Math.sqrt(USUAL_W_PER_M2_K / SHEET_W_PER_K);
  return (Math.min(outer_m, r + reach) / r) ** 2;
}
