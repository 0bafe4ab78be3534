import type { Appliance } from '../catalogue';
import type { BatchDocument } from '../document';

/** One small tray of a first bake. */
export type FirstTray = { readonly thickness_mm: number; readonly setpoint_c: number; readonly minutes: number };

/** A dough of two things that every kitchen has and every dog may eat, and that hardly differs from house to house [g]. */
const FLOUR_G = 400;
const WATER_G = 225;
const SIDE_MM = 40;
/** A tray that is weighed needs so much on it that a gram is little [1]. */
export const TRAY_SHARE = 0.2;

const RECIPE: BatchDocument['recipe'] = {
  name: 'Plain oat squares',
  ingredients: [
    { ingredient: 'flour_oat', amount: FLOUR_G, unit: 'g' },
    { ingredient: 'water', amount: WATER_G, unit: 'g' },
  ],
};

const shapeOf = (thickness_mm: number): BatchDocument['shape'] => ({
  method: 'roll-and-cut',
  thickness_mm,
  thickness_by: 'guides',
  cutter: { outline: 'square', width_mm: SIDE_MM, length_mm: SIDE_MM },
});
const heatOf = ({ setpoint_c, minutes }: FirstTray, appliance: Appliance): BatchDocument['heat'] => ({
  appliance,
  base: 'paper-on-tray',
  steps: [{ do: 'hold', setpoint_c, minutes, preheated: true }],
});

/** One tray of the first bake as a batch of its own: what it would weigh when is worked out from it. */
export const trayBatch = (
  tray: FirstTray,
  appliance: Appliance,
  kitchen: BatchDocument['kitchen'],
  share = TRAY_SHARE,
): BatchDocument => ({
  format: 'upbeat-oven/batch',
  version: 1,
  recipe: RECIPE,
  scale: { by: 'factor', factor: share },
  shape: shapeOf(tray.thickness_mm),
  heat: heatOf(tray, appliance),
  ...(kitchen ? { kitchen } : {}),
});

/** The first bake of an oven: one bowl, rolled out in parts, and tray after tray of it from the coolest to the hottest. */
export function firstBake(
  trays: readonly FirstTray[],
  appliance: Appliance,
  name: string,
  kitchen: BatchDocument['kitchen'],
): BatchDocument {
  const inTurn = [...trays].sort((one, other) => one.setpoint_c - other.setpoint_c || one.thickness_mm - other.thickness_mm);
  const share_pct = 100 / trays.length;
  return {
    ...trayBatch(inTurn[0], appliance, kitchen, 1),
    name,
    portions: inTurn.map((tray, i) => ({
      name: `Tray ${i + 1}`,
      ...(i < inTurn.length - 1 ? { share_pct } : { rest: true }),
      shape: shapeOf(tray.thickness_mm),
      heat: heatOf(tray, appliance),
    })),
  };
}
