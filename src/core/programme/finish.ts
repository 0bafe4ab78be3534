import { solvedInJuice, type Frame, type Profile } from '../heat';
import { lookUpLogAw, type ActivityTable } from '../sorption';
import { coolingFeel, snapOf, textureOf, unevenAfterADay, type CoolingFeel } from '../texture';
import type { DoughMaterial, ShapeYield } from '../yield';

/** The last water is held harder than the model knows: nothing is reported drier [% wet basis]. Source: oven-dry reference, docs/model/heat.md. */
export const DRIEST_PCT = 1.5;
const DRIEST_MOISTURE = DRIEST_PCT / (100 - DRIEST_PCT);
/** Colder than this a piece is hard with ice, whatever it would be warm [°C]. Source: ours. */
export const FROZEN_C = -8;
/** The outer share of each face that counts as shell [1]. Source: ours. */
const SHELL = 0.15;

const floored = (moisture: number): number => Math.max(DRIEST_MOISTURE, moisture);
/** Wet basis [%] of a moisture per dry solids [kg/kg], never below what is trusted. */
export const wetBasisPct = (moisture: number): number => (100 * floored(moisture)) / (1 + floored(moisture));

/** Reader of water activities at 25 °C, never drier than is trusted; `scale` shifts the isotherm as a draw does. */
export function activityReader(table: ActivityTable, scale = 1): (moisture: number) => number {
  const out = new Float64Array(2);
  return (moisture) => {
    lookUpLogAw(table, floored(moisture) / scale, out);
    return Math.exp(out[0]);
  };
}

/** The finished piece, judged cold. */
export type Finish = {
  readonly moisture_pct: number;
  readonly shellMoisture_pct: number;
  readonly centreMoisture_pct: number;
  readonly wettestMoisture_pct: number;
  readonly aw: number;
  readonly shellAw: number;
  readonly coreAw: number;
  /** Crunch and its word after a day in a closed pack, when the water has evened out; and crunch as it comes off the rack. */
  readonly snap: number;
  readonly words: string;
  readonly snapFresh: number;
  /** Force that snaps a bar of it then [N], and stiffness of its shell [1]. */
  readonly force_N: number;
  readonly shellStiffness: number;
  readonly feel: CoolingFeel;
  /** Mass of a piece over its raw mass; what of its dry matter the juice left in it [1]. */
  readonly massRatio: number;
  readonly solidsKept: number;
  /** Volume and density of one piece now [mL, g/mL]. */
  readonly volume_ml: number;
};

/** What else a finish is judged by: how far a draw shifts the isotherm, and water that the piece takes up from its coat in a day [1, kg/kg]. */
type Judged = { readonly isothermScale?: number | undefined; readonly gained?: number };

/** Reads water, texture and mass off the last frame. */
// oxlint-disable-next-line max-params -- older than the rule
export function finishOf(
  end: Frame,
  profile: Profile,
  shares: Float64Array,
  dough: DoughMaterial,
  out: ShapeYield,
  { isothermScale = 1, gained = 0 }: Judged = {},
): Finish {
  const { material, composition } = dough;
  const aw = activityReader(material.activity, isothermScale);
  const shell = shellMoisture(profile.moisture, shares);
  const shellAw = aw(shell);
  const coreAw = aw(end.centreMoisture);
  const meanAw = aw(end.meanMoisture);
  const solidsKept = 1 - solvedInJuice(end.dripped);
  const pct = (moisture: number): number => wetBasisPct(moisture / solidsKept);
  const massRatio = (solidsKept + floored(end.meanMoisture)) / (1 + material.moisture0);
  const height_m = profile.height.reduce((sum, height) => sum + height, 0);
  const volume_ml = (out.area_mm2 * height_m * 1000) / 1000;
  const left = unevenAfterADay(height_m * 1000);
  const aDayLater = (moisture: number): number => aw(end.meanMoisture + gained + left * (moisture - end.meanMoisture));
  const { criticalShift = 0 } = dough;
  const texture = textureOf({
    composition,
    shellAw: aDayLater(shell),
    coreAw: aDayLater(end.centreMoisture),
    meanAw: gained === 0 ? meanAw : aw(end.meanMoisture + gained),
    thickness_mm: height_m * 1000,
    density_g_per_ml: (out.piece_g * massRatio) / volume_ml,
    leathery: dough.leathery,
    criticalShift,
  });
  return {
    moisture_pct: pct(end.meanMoisture),
    shellMoisture_pct: pct(shell),
    centreMoisture_pct: pct(end.centreMoisture),
    wettestMoisture_pct: pct(end.wettestMoisture),
    aw: meanAw,
    shellAw,
    coreAw,
    snap: texture.snap,
    words: end.core_c < FROZEN_C ? 'frozen hard' : texture.words,
    snapFresh: snapOf({ composition, shellAw, coreAw, criticalShift }),
    force_N: texture.force_N,
    shellStiffness: texture.shellStiffness,
    feel: coolingFeel(composition, shellAw),
    massRatio,
    solidsKept,
    volume_ml,
  };
}

/** Mean moisture of the outer layers of both faces [kg/kg]. */
function shellMoisture(moisture: Float64Array, shares: Float64Array): number {
  let water = 0;
  let depth = 0;
  for (let i = 0; i < shares.length / 2 && depth < SHELL; i++) {
    const share = Math.min(shares[i], SHELL - depth);
    water += share * 0.5 * (moisture[i] + moisture[shares.length - 1 - i]);
    depth += share;
  }
  return water / depth;
}
