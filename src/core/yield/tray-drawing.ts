import { panOutline, type Border, type Frosting, type LogYield, type PanShape, type RollUp } from '../shaping';
import type { ShapePlan } from './shape-plan';
import { TRAY_MARGIN_MM } from './on-tray';
import type { Shaped, ShapeYield } from './shape-yield';

type Outline = ReadonlyArray<readonly [number, number]>;
export type PlacedPiece = { readonly x_mm: number; readonly y_mm: number; readonly turn_deg: number };

export type DrawnRoll = {
  readonly width_mm: number;
  readonly length_mm: number;
  readonly sheets: number;
  readonly pieces: number;
  readonly minis: number;
  readonly placed: readonly PlacedPiece[];
  readonly minisPlaced: readonly PlacedPiece[];
};

/** Loose pieces on one tray; a ring has a hole. */
export type TrayDrawing = {
  readonly outline: Outline;
  readonly hole_mm: number;
  readonly width_mm: number;
  readonly depth_mm: number;
  readonly margin_mm: number;
  readonly placed: readonly PlacedPiece[];
};

export type SheetDrawing = {
  readonly kind: 'sheet';
  readonly outline: Outline;
  readonly miniOutline: Outline | null;
  readonly edge_mm: number;
  /** The gap that counted: the shape's, the hand's or the usual one. */
  readonly gap_mm: number;
  readonly rolls: readonly DrawnRoll[];
  readonly pressed: number;
  readonly tray: TrayDrawing;
  /** Laid by hand for now: the wished layout is still being searched. */
  readonly provisional: boolean;
};

export type SlabDrawing = {
  readonly kind: 'slab';
  readonly pan_mm: readonly [width: number, depth: number];
  readonly trim_mm: number;
  readonly columns: number;
  readonly rows: number;
  readonly pans: number;
  readonly lastRows: number;
  readonly piece_mm: readonly [width: number, length: number];
};

export type LooseDrawing = {
  readonly kind: 'loose';
  readonly tray: TrayDrawing;
  /** Of a log: as long as it is, and the sheet it is rolled up from. */
  readonly log: (LogYield & { readonly diameter_mm: number; readonly slice_mm: number }) | null;
  readonly rollUp: (RollUp & { readonly thickness_mm: number }) | null;
  /** Of whole things: what is cut away [g]. */
  readonly cutAway: { readonly peel_g: number; readonly core_g: number; readonly ends_g: number; readonly left_g: number } | null;
};

export type HollowsDrawing = {
  readonly kind: 'hollows';
  readonly what: 'mat' | 'cup' | 'frozen-mould';
  readonly cavities: number;
  readonly filled: number;
  readonly depth_mm: number;
  readonly side_mm: number;
  /** Full ones, and cavities filled in the last. */
  readonly full: number;
  readonly last: number;
};

export type CakeDrawing = {
  readonly kind: 'cake';
  readonly shape: PanShape;
  readonly outline: Outline;
  readonly hole_mm: number;
  readonly width_mm: number;
  readonly length_mm: number;
  readonly depth_mm: number;
  readonly batter_mm: number;
  readonly risen_mm: number;
  readonly pans: number;
  readonly layers: number;
  readonly layer_mm: number;
  readonly trim_mm: number;
  readonly coats_mm: { readonly between: number; readonly crumb: number; readonly coat: number };
  readonly frosting: Frosting;
  readonly border: (Border & { readonly biscuit_mm: number }) | null;
};

export type ShapeDrawing = SheetDrawing | SlabDrawing | LooseDrawing | HollowsDrawing | CakeDrawing;

/** A shape as it is drawn: plain data that crosses from a worker to the page. */
export function shapeDrawing(plan: ShapePlan, out: ShapeYield): ShapeDrawing {
  switch (plan.method) {
    case 'roll-and-cut':
      return sheetDrawing(plan, out, wanted(out, 'rolled'));
    case 'score-slab': {
      const { slab } = wanted(out, 'slab');
      return {
        kind: 'slab',
        pan_mm: [plan.panWidth_mm, plan.panDepth_mm],
        trim_mm: plan.trim_mm,
        columns: slab.columns,
        rows: slab.rows,
        pans: slab.pans,
        lastRows: slab.lastRows,
        piece_mm: [slab.realWidth_mm, slab.realLength_mm],
      };
    }
    case 'mat':
    case 'cup':
    case 'frozen-mould':
      return {
        kind: 'hollows',
        what: plan.method,
        cavities: plan.hollows,
        filled: plan.fill,
        depth_mm: plan.depth_mm,
        side_mm: out.sides_mm[0],
        full: Math.floor(out.pieces / plan.hollows),
        last: out.pieces % plan.hollows,
      };
    case 'cake':
      return cakeDrawing(plan, wanted(out, 'cake'));
    case 'log-slice': {
      const { log, rollUp } = wanted(out, 'log');
      return {
        ...loose(out),
        log: { ...log, diameter_mm: plan.logDiameter_mm, slice_mm: plan.slice_mm },
        rollUp: rollUp && plan.rollUp_mm !== null ? { ...rollUp, thickness_mm: plan.rollUp_mm } : null,
      };
    }
    case 'slice':
      return { ...loose(out), cutAway: wanted(out, 'whole').slicing };
    case 'drop':
    case 'ball':
    case 'cube':
      return loose(out);
  }
}

/** A plan and its yield always tell of the same way of shaping. */
function wanted<K extends Shaped['kind']>({ shaped }: ShapeYield, kind: K): Extract<Shaped, { kind: K }> {
  if (shaped.kind !== kind) throw new Error(`a plan for ${kind} with a yield of ${shaped.kind}`);
  return shaped as Extract<Shaped, { kind: K }>;
}

function trayDrawing({ tray }: ShapeYield): TrayDrawing {
  if (!tray) throw new Error('loose pieces without a tray');
  const { outline, hole_mm, width_mm, depth_mm, layout } = tray;
  return { outline, hole_mm, width_mm, depth_mm, margin_mm: TRAY_MARGIN_MM, placed: layout.placements };
}

const loose = (out: ShapeYield): LooseDrawing => ({
  kind: 'loose',
  tray: trayDrawing(out),
  log: null,
  rollUp: null,
  cutAway: null,
});

function sheetDrawing(
  plan: Extract<ShapePlan, { method: 'roll-and-cut' }>,
  out: ShapeYield,
  { rollOut, cutter, mini }: Extract<Shaped, { kind: 'rolled' }>,
): SheetDrawing {
  return {
    kind: 'sheet',
    outline: cutter.ring,
    miniOutline: mini?.ring ?? null,
    edge_mm: plan.edge_mm,
    gap_mm: plan.gap_mm,
    pressed: out.pressed,
    rolls: rollOut.rolls.map(({ width_mm, length_mm, sheets, pieces, minis, layout, minisPlaced }) => ({
      width_mm,
      length_mm,
      sheets,
      pieces,
      minis,
      placed: layout.placements,
      minisPlaced,
    })),
    tray: trayDrawing(out),
    provisional: out.provisional,
  };
}

function cakeDrawing(
  plan: Extract<ShapePlan, { method: 'cake' }>,
  { pan, cake, layers, frosting, border }: Extract<Shaped, { kind: 'cake' }>,
): CakeDrawing {
  return {
    kind: 'cake',
    shape: pan.shape,
    outline: panOutline(pan),
    hole_mm: pan.hole_mm,
    width_mm: pan.width_mm,
    length_mm: pan.length_mm,
    depth_mm: pan.depth_mm,
    batter_mm: cake.batterDepth_mm,
    risen_mm: cake.risen_mm,
    pans: cake.pans,
    layers,
    layer_mm: cake.layer_mm,
    trim_mm: plan.trim_mm,
    coats_mm: { between: plan.between_mm, crumb: plan.crumb_mm, coat: plan.coat_mm },
    frosting,
    border: border && plan.border ? { ...border, biscuit_mm: plan.border.biscuit_mm } : null,
  };
}
