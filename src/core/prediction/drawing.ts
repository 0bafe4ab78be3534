import { FEEL_TARGETS, crumbleEdge, gramsToReach, softness } from '../dough';
import { NOTHING_GROWS_BELOW_AW, bowlTimeConstant, lifeCurve, packOf, softensAtAw } from '../keeping';
import type { DoughLine } from '../pantry';
import { waterHeld } from '../sorption';
import { criticalAw } from '../texture';
import { clockMinute, DRIEST_PCT, wetBasisPct, type Bake } from '../programme';
import { storageOf } from './keep';
import { shapeDrawing, type ShapeDrawing } from '../yield';
import { keptOf } from './kept';
import type { PredictionRun } from './prediction-run';

/** Everything that the page draws of a batch, as plain data: it crosses from a worker to the page on every frame. */
export type Drawing = {
  readonly cutThrough: CutThrough;
  readonly shape: ShapeDrawing;
  readonly lifeCurves: readonly LifeCurve[];
  readonly water: { readonly start_g: number; readonly end_g: number; readonly solids_g: number };
  readonly feel: FeelHelp;
};

/** The piece's thickness against time: rows are moments, columns are cells from top to bottom. */
export type CutThrough = {
  readonly minutes: readonly number[];
  readonly cells: number;
  /** Moisture [% wet basis], temperature [°C] and height now [mm], row after row. */
  readonly moisture_pct: Float64Array;
  readonly temperature_c: Float64Array;
  readonly height_mm: Float64Array;
};

/** Moisture in a pack against days, with the lines it must not cross. */
export type LifeCurve = {
  readonly points: ReadonlyArray<{ readonly day: number; readonly moisture_pct: number }>;
  readonly softens_pct: number;
  readonly moulds_pct: number;
  /** Meant to be crisp: softening would end it. */
  readonly crisp: boolean;
};

/** Where the crumble edge lies, and what would bring the dough to roll. */
type FeelHelp = {
  readonly crumbleEdge: number;
  readonly fixes: ReadonlyArray<{ readonly ingredient: string; readonly mass_g: number }>;
};

/** Days that a life curve shows beyond the predicted end, as a share, and at least [days]. */
const CURVE_BEYOND = 1.5;
const CURVE_AT_LEAST = 14;
const CURVE_POINTS = 60;

/** Draws a worked-out batch. */
export function drawingOf(worked: PredictionRun): Drawing {
  const { finish, prediction } = worked;
  const solids_g = prediction.dough.mass_g - prediction.dough.water_g;
  return {
    cutThrough: cutThroughOf(
      worked.bake,
      worked.bake.frames.map(({ time_s }) => clockMinute(worked.heat, time_s)),
    ),
    shape: shapeDrawing(worked.shape, worked.out),
    lifeCurves: worked.packs.map((_, index) => curveOf(worked, index)),
    water: { start_g: prediction.dough.water_g, end_g: (solids_g * finish.moisture_pct) / (100 - finish.moisture_pct), solids_g },
    feel: feelHelp(worked.lines, worked.rest_min, worked.heat.room.temperature_c),
  };
}

/** The inside of a piece at every recorded moment, told by the minutes of the baker's clock. */
export function cutThroughOf({ frames, profiles }: Pick<Bake, 'frames' | 'profiles'>, minutes: readonly number[]): CutThrough {
  const { cells } = profiles;
  const count = frames.length;
  const moisture_pct = new Float64Array(count * cells);
  const height_mm = new Float64Array(count * cells);
  const temperature_c = new Float64Array(count * cells);
  frames.forEach((frame, row) => {
    const profile = profiles.at(frame.row);
    for (let cell = 0; cell < cells; cell++) {
      moisture_pct[row * cells + cell] = wetBasisPct(profile.moisture[cell]);
      temperature_c[row * cells + cell] = profile.temperature[cell];
      height_mm[row * cells + cell] = profile.height[cell] * 1000;
    }
  });
  return { minutes, cells, moisture_pct, temperature_c, height_mm };
}

function curveOf(worked: PredictionRun, index: number): LifeCurve {
  const { packs, dough, finish, prediction } = worked;
  const choice = packs[index];
  const keeps = prediction.keeps[index];
  const kept = keptOf(worked);
  const { product, room } = kept;
  const storage = storageOf(choice, keeps.pieces_per_pack, kept);
  const days = Math.max(CURVE_AT_LEAST, keeps.days_high * CURVE_BEYOND);
  const at = (aw: number): number => {
    const water_g = waterHeld(dough.composition, aw, room.temperature_c, dough.state);
    return Math.max(DRIEST_PCT, (100 * water_g) / (water_g + dough.composition.solids_g));
  };
  const walked = packOf(choice.option, choice.volume_ml, choice.own).open
    ? openWalk(worked, days)
    : lifeCurve(product, storage, room, days);
  const stride = Math.max(1, Math.ceil(walked.length / CURVE_POINTS));
  return {
    points: walked
      .filter((_, i) => i % stride === 0 || i === walked.length - 1)
      .map(({ day, moisture_pct }) => ({ day, moisture_pct })),
    softens_pct: at(softensAtAw(dough.composition, finish.aw) ?? criticalAw(dough.composition)),
    moulds_pct: at(NOTHING_GROWS_BELOW_AW),
    crisp: product.wantCrisp,
  };
}

/** In an open bowl the piece follows the room within a day or two; first order, as the life does it. */
function openWalk({ dough, finish, out, heat }: PredictionRun, days: number): Array<{ day: number; moisture_pct: number }> {
  const { temperature_c } = heat.room;
  const end_g = waterHeld(dough.composition, Math.min(0.97, heat.room.relativeHumidity), temperature_c, dough.state);
  const start_g = (dough.composition.solids_g * finish.moisture_pct) / (100 - finish.moisture_pct);
  const settles_days = bowlTimeConstant(out.body.thickness_mm, dough.meatLike > 0.5);
  return Array.from({ length: CURVE_POINTS }, (_, i) => {
    const day = (days * i * i) / (CURVE_POINTS - 1) ** 2;
    const water_g = end_g + (start_g - end_g) * Math.exp(-day / settles_days);
    return { day, moisture_pct: (100 * water_g) / (water_g + dough.composition.solids_g) };
  });
}

function feelHelp(lines: readonly DoughLine[], standing_min: number, kitchen_c: number): FeelHelp {
  const bowl = { standing_min, kitchen_c };
  const { index } = softness(lines, bowl);
  const wet = lines.find(({ ingredient }) => ingredient.id === 'water') ?? lines.find(({ ingredient }) => ingredient.water > 80);
  const flour = lines
    .filter(({ ingredient }) => ingredient.category === 'flour/meal')
    .reduce<DoughLine | null>((most, line) => (most && most.mass_g >= line.mass_g ? most : line), null);
  const helper = index > FEEL_TARGETS.rollable ? flour : wet;
  if (!helper || !Number.isFinite(index)) return { crumbleEdge: crumbleEdge(lines), fixes: [] };
  const fix = gramsToReach(lines, helper.ingredient, FEEL_TARGETS.rollable, bowl);
  return {
    crumbleEdge: crumbleEdge(lines),
    fixes: fix.kind === 'add' && fix.mass_g >= 1 ? [{ ingredient: helper.ingredient.id, mass_g: fix.mass_g }] : [],
  };
}
