import type { FinishRole } from '../catalogue';
import type { CautionContext } from '../cautions';
import type { BatchDocument } from '../document';
import { usualPiece } from '../pantry';
import { roundsFor } from '../shaping';
import type { WorkedOut } from './prediction-run';
import type { TreatSize } from './treat';
import type { Prediction } from './prediction';
import type { Shaped, ShapeYield } from '../yield';

/** The yield as the result document tells it; the band of pieces comes with the draws. */
export function yieldPart(out: ShapeYield, { piece_g, volume_ml }: TreatSize, set_aside: number): Prediction['yield'] {
  const { shaped } = out;
  const rolls = shaped.kind === 'rolled' ? shaped.rollOut.rolls : [];
  const advice = shaped.kind === 'rolled' ? shaped.advice : null;
  return {
    pieces: out.pieces,
    pieces_low: out.pieces - out.pressed,
    pieces_high: out.pieces,
    set_aside,
    piece_raw_g: out.piece_g,
    piece_final_g: piece_g,
    piece_ml: volume_ml,
    piece_thickness_mm: out.body.thickness_mm,
    piece_sides_mm: sidesOf(out),
    trays: out.trays,
    per_tray: out.perTray,
    rounds: roundsFor(out.trays, out.traysOwned ?? out.trays),
    rerolls: out.rerolls,
    first_roll: rolls.length > 0 ? firstRoll(shaped as Extract<Shaped, { kind: 'rolled' }>) : null,
    rerolled: rolls.slice(1).reduce((sum, { pieces }) => sum + pieces, 0),
    pressed: out.pressed,
    minis: out.minis ? { pieces: out.minis.pieces, piece_raw_g: out.minis.piece_g } : null,
    bench_flour_g: out.flour_g,
    lost_g: out.loss_g,
    scrap_g: out.scrap_g,
    scrap_uses: out.uses && out.scrap_g > 0.5 ? out.uses : null,
    roll_to: advice && rolls.length > 0 && advice.pieces > rolls[0].pieces ? advice : null,
    pan_fill: shaped.kind === 'slab' ? shaped.slab.fills : null,
    provisional: out.provisional,
  };
}

/** Sides of a piece as it lies, the longest first [mm]. */
export function sidesOf(out: ShapeYield): [number, number, number] {
  const [a, b, c] = [...out.sides_mm, out.body.thickness_mm].sort((x, y) => y - x);
  return [a, b, c];
}

/** Pieces from the first roll, and how hands scatter about them. */
function firstRoll({ rollOut, scatter }: Extract<Shaped, { kind: 'rolled' }>): Prediction['yield']['first_roll'] {
  const [{ pieces, width_mm, length_mm, sheets }] = rollOut.rolls;
  const { low, high } = scatter ?? { low: 1, high: 1 };
  return {
    pieces,
    pieces_low: Math.min(pieces, Math.floor(pieces * low)),
    pieces_high: Math.max(pieces, Math.ceil(pieces * high)),
    width_mm,
    length_mm,
    sheets,
  };
}

/** What only a cake has; null for everything else. */
export function cakePart({ shaped }: ShapeYield): Prediction['cake'] {
  if (shaped.kind !== 'cake') return null;
  const { cake, frosting, border } = shaped;
  const [afterCrumb, afterCoat, beforeCutting] = frosting.chill_minutes;
  return {
    pans: cake.pans,
    batter_depth_mm: cake.batterDepth_mm,
    layer_mm: cake.layer_mm,
    height_mm: frosting.height_mm,
    trimmed_g: cake.trimmed_g,
    frosting_g: frosting.total_g,
    between_g: frosting.between_g,
    crumb_g: frosting.crumb_g,
    coat_g: frosting.coat_g,
    piping_g: frosting.piping_g,
    tubs: frosting.packs,
    border_biscuits: border ? border.biscuits : null,
    border_gap_mm: border ? border.gap_mm : null,
    chill_after_crumb_minutes: afterCrumb,
    chill_after_coat_minutes: afterCoat,
    chill_before_cutting_minutes: beforeCutting,
  };
}

/** What a cake is to have and nobody has said of what. */
export function cakeTold({ out, body }: Pick<WorkedOut, 'out' | 'body'>, { shape }: BatchDocument): CautionContext['cake'] {
  if (out.shaped.kind !== 'cake') return null;
  const { frosting, border } = out.shaped;
  const has = (...roles: readonly FinishRole[]): boolean => body.parts.some(({ role, on_g }) => on_g > 0 && roles.includes(role));
  const around = body.parts.filter(({ role }) => role === 'border');
  const [each] = around.flatMap(({ made }) =>
    made.flatMap(({ ingredient, mass_g }) => (mass_g > 0 ? (usualPiece(ingredient) ?? []) : [])),
  );
  const set = each ? Math.round(around.reduce((sum, { on_g }) => sum + on_g, 0) / each.mass_g) : Infinity;
  return {
    unnamedFrosting_g: has('frosting', 'filling') ? 0 : frosting.total_g,
    asked: shape.method === 'cake' && shape.frosting !== undefined,
    unnamedBiscuits: border && !has('border') ? border.biscuits : 0,
    missingBiscuits: border && has('border') ? Math.max(0, border.biscuits - set) : 0,
  };
}

/** How high a batter rises in what it stands in [mm]; null where nothing rises in anything. */
export function risingOf({ shaped }: ShapeYield, rise: number): { risen_mm: number; rim_mm: number } | null {
  if (shaped.kind === 'cake') return { risen_mm: shaped.cake.risen_mm, rim_mm: shaped.pan.depth_mm };
  if (shaped.kind !== 'hollows') return null;
  return { risen_mm: shaped.depth_mm * rise, rim_mm: shaped.depth_mm / shaped.filled };
}
