import { simulate, type Simulation } from '../heat';
import { finishOf } from '../programme';
import type { OtherPiece } from './prediction';
import type { PredictionRun } from './prediction-run';
import { thicknessSpread } from '../yield';

/** Of ten pieces the thickest lies so many standard deviations above the middle (expected maximum of ten normals). */
const THICKEST_OF_TEN = 1.539;

type Parts = Pick<PredictionRun, 'simulation' | 'shape' | 'dough' | 'out' | 'heat'>;

/**
 * How other pieces of the same tray end, everything else as likely: the thickest and the thinnest of ten, the minis between
 * the big ones, and what lies on the best and on the worst aired of several trays.
 */
export function otherPieces(parts: Parts): OtherPiece[] {
  const { simulation, shape, out, heat } = parts;
  const { piece } = simulation;
  const spread = THICKEST_OF_TEN * thicknessSpread(shape);
  const thick = (factor: number): Simulation => ({
    ...simulation,
    piece: { ...piece, thickness_m: piece.thickness_m * Math.exp(factor * spread) },
  });
  const others: Array<readonly [OtherPiece['which'], Simulation]> = [
    ['thickest', thick(1)],
    ['thinnest', thick(-1)],
  ];
  if (out.minis && shape.method === 'roll-and-cut' && shape.mini) {
    const scale = Math.sqrt(out.minis.piece_g / out.piece_g);
    const mini = { ...piece, width_m: piece.width_m * scale, length_m: piece.length_m * scale };
    others.push(['mini', { ...simulation, piece: mini }]);
  }
  if (heat.applianceStages.some(({ surroundings, traysIn }) => surroundings?.kind === 'chamber' && traysIn > 1))
    others.push(['best-tray', { ...simulation, place: 1 }], ['worst-tray', { ...simulation, place: -1 }]);
  return others.flatMap(([which, other]) => endOf(which, other, parts) ?? []);
}

/** How it ends; null when it lies beyond the model. */
function endOf(which: OtherPiece['which'], simulation: Simulation, { dough, out }: Parts): OtherPiece | null {
  const run = simulate({ ...simulation, recordEvery_s: 0 });
  if (!run.ok) return null;
  const { end, profiles, shares } = run.value;
  const finish = finishOf(end, profiles.at(end.row), shares, dough, out);
  return {
    which,
    thickness_mm: simulation.piece.thickness_m * 1000,
    moisture_pct: finish.moisture_pct,
    centre_moisture_pct: finish.centreMoisture_pct,
    snap: finish.snap,
    browning: end.browningEdge,
  };
}
