import { fail, succeed, type Result } from '../failure';
import { layOut, makeCutter, type Cutter } from '../shaping';
import type { Assumptions, NumberField } from '../fields';
import type { BatchDocument } from '../document';
import { TRAY, applianceRecord, shapeRecord, type Shape, type Tray } from '../catalogue';
import type { TrayPicture } from './shape-yield';

/** A tray and how far apart pieces lie on it [mm]. */
export type TrayPlan = { readonly trayWidth_mm: number; readonly trayDepth_mm: number; readonly trayGap_mm: number };

/** The shape with the tray that its pieces lie on: its own, or else the appliance's, or what its kind holds. */
export function onItsTray({ shape, heat: { appliance } }: Pick<BatchDocument, 'shape' | 'heat'>): Shape {
  const tray = appliance?.tray ?? applianceRecord(appliance?.kind ?? 'static-oven').floor_mm;
  if (!tray || !shapeRecord(shape.method).looseOnTray) return shape;
  return { ...shape, tray: { ...tray, ...('tray' in shape ? shape.tray : {}) } } as Shape;
}

/** Free margin along a tray's rim [mm]. Source: ours. */
export const TRAY_MARGIN_MM = 10;

export function planTray(
  shape: { readonly tray?: Tray; readonly tray_gap_mm?: number },
  assumed: Assumptions,
  tray_gap_mm: NumberField & { readonly default: number },
): TrayPlan {
  const take = assumed.from(TRAY.fields, shape.tray, 'shape.tray');
  return {
    trayWidth_mm: take('width_mm'),
    trayDepth_mm: take('depth_mm'),
    trayGap_mm: assumed.from({ tray_gap_mm }, shape, 'shape')('tray_gap_mm'),
  };
}

/** Pieces of an outline on one tray, in rows as a hand lays them. `hole_mm` is only drawn. */
export function layOnTray(piece: Cutter, tray: TrayPlan, hole_mm = 0): Result<TrayPicture> {
  const [free_w, free_d] = [tray.trayWidth_mm - 2 * TRAY_MARGIN_MM, tray.trayDepth_mm - 2 * TRAY_MARGIN_MM];
  const layout = layOut(piece, free_w, free_d, tray.trayGap_mm, 'hand');
  if (layout.count === 0)
    return fail(
      'PIECE_DOES_NOT_FIT',
      'The piece is larger than the tray. Choose a smaller piece or a larger tray.',
      'shape.tray',
    );
  return succeed({
    outline: piece.ring,
    hole_mm,
    layout,
    width_mm: tray.trayWidth_mm,
    depth_mm: tray.trayDepth_mm,
    covered: coveredShare(piece, tray.trayGap_mm),
  });
}

/** Rows of pieces leave so much of a tray to its rim and to rows that do not fit [1]. Source: ours. */
const LEFT_BARE = 0.25;

/** Share of a tray under pieces so far apart: each has its own area and half of the gap about it. It does not count pieces, so it never jumps. */
function coveredShare({ area_mm2, perimeter_mm }: Cutter, gap_mm: number): number {
  const half = gap_mm / 2;
  return ((1 - LEFT_BARE) * area_mm2) / (area_mm2 + perimeter_mm * half + Math.PI * half * half);
}

/** Round or square pieces seen from above. */
export const footprint = (outline: 'circle' | 'square', side_mm: number): Result<Cutter> => makeCutter(outline, side_mm);
