import { cautionsFor, type CautionContext } from '../cautions';
import { crumbleEdge, feelOf, holdBack, softness } from '../dough';
import { succeed, type Result } from '../failure';
import { ingredientCost, type IngredientCost } from '../costing';
import { analyse } from '../feeding';
import { colourWord, type Simulation } from '../heat';
import type { DoughLine } from '../pantry';
import { SDS_IN_90_PCT } from '../quantities';
import { awOnTheSafeSide, dryReadingAllowance } from '../sorption';
import {
  bake,
  simulationOf,
  type Bake,
  heatCautions,
  cleanAfter,
  dripOf,
  finishOf,
  type Finish,
  courseOf,
  type CoursePoint,
  rawPart,
  reachedIn,
  planHeat,
  type HeatPlan,
} from '../programme';
import { RECIPE, recipeWords, type BatchDocument } from '../document';
import type { PackChoice } from '../catalogue';
import { keepsOf, productOf, spokenFor } from './keep';
import {
  type DoughMaterial,
  leftOvers,
  advised,
  mixtureOf,
  quickYield,
  yieldOf,
  type ShapePlan,
  type ShapeYield,
} from '../yield';
import type { Prediction, TimelinePoint } from './prediction';
import { measuringOf, prepare, type Kitchen } from './prepare';
import { withinBounds } from './work-bound';
import { cakePart, risingOf, sidesOf, yieldPart } from './yield-part';

/** Everything worked out on the way; the page draws from it, the doors send only `prediction`. */
export type PredictionRun = {
  readonly prediction: Prediction;
  /** What is in the bowl, and what was planned to be. */
  readonly lines: readonly DoughLine[];
  readonly planned: readonly DoughLine[];
  /** What goes on or into the pieces, line by line of the recipe. */
  readonly finishes: readonly DoughLine[];
  readonly dough: DoughMaterial;
  readonly shape: ShapePlan;
  readonly out: ShapeYield;
  readonly heat: HeatPlan;
  readonly simulation: Simulation;
  readonly bake: Bake;
  /** Every recorded moment in the baker's terms. */
  readonly course: readonly CoursePoint[];
  readonly finish: Finish;
  readonly packs: readonly PackChoice[];
  /** Days that the baker wants them to keep; undefined where nobody said. */
  readonly wanted_days: number | undefined;
  /** Minutes that the dough stands before shaping. */
  readonly rest_min: number;
};

const YIELDS = { full: advised, light: yieldOf, quick: quickYield } as const;
/** A shell this stiff breaks teeth rather than bends [1]. */
const HARD_FROM = 0.5;
const USUAL_PACK: PackChoice = { option: 'clip-jar', store: 'room' };

/**
 * How much may be looked for: a layout and a better sheet to roll to; only the layout, for lists and forecasts; or
 * nothing, when an answer is needed within a frame.
 */
export type Effort = 'full' | 'light' | 'quick';

/**
 * From bowl to jar: what a batch document will give. Pure: the same document and kitchen give the same numbers
 * at every door. The bands are those of the single likely run; `addBand` widens them with draws.
 *
 * @param effort - 'quick' lays by hand what takes long to search, and marks it provisional
 */
export function predict(document: BatchDocument, kitchen: Kitchen, effort: Effort = 'full'): Result<PredictionRun> {
  const bounded = withinBounds(document);
  if (!bounded.ok) return bounded;
  const prepared = prepare(document, kitchen, effort);
  if (!prepared.ok) return prepared;
  const { assumed, plan, lines, planned, finishes, dough, substance, factor } = prepared.value;
  const out = YIELDS[effort](plan, dough.composition.mass_g, substance);
  if (!out.ok) return out;
  const heat = planHeat(document.heat, document.kitchen, { method: plan.method, out: out.value }, assumed);
  if (!heat.ok) return heat;
  const simulation = simulationOf(heat.value, dough, out.value);
  const baked = bake(heat.value, simulation);
  if (!baked.ok) return baked;
  const finish = finishOf(baked.value.end, baked.value.profiles.at(baked.value.end.row), baked.value.shares, dough, out.value);
  const packs = document.pack && document.pack.length > 0 ? document.pack : [USUAL_PACK];
  if (packs[0] === USUAL_PACK) assumed.note('pack = clip-jar at room');
  const rest_min = assumed.from(RECIPE.fields, document.recipe, 'recipe')('rest_minutes');
  const parts = {
    lines,
    planned,
    finishes,
    dough,
    shape: plan,
    out: out.value,
    heat: heat.value,
    simulation,
    bake: baked.value,
    course: courseOf(baked.value, heat.value, dough, out.value),
    finish,
    packs,
    wanted_days: document.target?.keeps_days_min,
    rest_min,
  };
  return succeed({ ...parts, prediction: assemble(document, parts, kitchen, factor, assumed.list) });
}

function assemble(
  document: BatchDocument,
  worked: Omit<PredictionRun, 'prediction'>,
  { prices }: Kitchen,
  factor: number,
  assumed: readonly string[],
): Prediction {
  const { lines, dough, out, heat, finish } = worked;
  const product = productOf(lines, dough, finish, out.body.thickness_mm);
  const room = { temperature_c: heat.room.temperature_c, relativeHumidity: heat.room.relativeHumidity };
  const kept = { product, finish, toPack: { out, spoken: spokenFor(worked.packs) }, room };
  const final_g = out.piece_g * finish.massRatio;
  const dough_g = dough.composition.mass_g;
  const cautions = cautionsFor({ ...contextOf(worked), words: recipeWords(document.recipe) });
  const { kcal_per_kg, ...analysis } = analyse(lines, (dough_g * finish.massRatio) / finish.solidsKept);
  return {
    format: 'upbeat-oven/prediction',
    version: 1,
    name: document.name ?? document.recipe.name ?? 'Batch',
    dough: {
      ...feelPart(worked, heat.room.temperature_c),
      left_over: leftOvers(document.scale, worked.planned, measuringOf(document)),
      mass_g: dough_g,
      water_g: dough.composition.water_g,
      water_pct: (100 * dough.composition.water_g) / dough.composition.mass_g,
      factor,
    },
    parts: partsOf(document.recipe, worked),
    yield: yieldPart(out, final_g),
    cake: cakePart(out),
    heat: heatPart(worked),
    outcome: outcomePart(finish),
    keeps: worked.packs.map((choice) => keepsOf(choice, kept)),
    advice: [],
    feeding: { kcal_per_piece: (kcal_per_kg * final_g) / 1000, kcal_per_kg },
    analysis: {
      protein_pct: analysis.protein_pct,
      fat_pct: analysis.fat_pct,
      crude_fibre_pct: analysis.crudeFibre_pct,
      moisture_pct: analysis.moisture_pct,
      ash_pct: analysis.ash_pct,
      nitrogen_free_pct: analysis.nitrogenFree_pct,
    },
    cost: prices ? costPart(ingredientCost(lines, prices), dough_g, final_g * out.pieces, out.pieces) : null,
    cautions: cautions.map(({ code, severity, step, title, why, act }) => ({
      code,
      severity,
      step,
      message: `${title}. ${why} ${act}`,
    })),
    blocked_by: cautions.filter(({ severity }) => severity === 'stop').map(({ code }) => code),
    assumed,
  };
}

/** What it is like once it has cooled; the low and high ends are the likely run's until draws widen them. */
const outcomePart = (finish: PredictionRun['finish']): Prediction['outcome'] => ({
  moisture_pct: finish.moisture_pct,
  moisture_pct_low: finish.moisture_pct,
  moisture_pct_high: finish.moisture_pct,
  centre_moisture_pct: finish.centreMoisture_pct,
  shell_moisture_pct: finish.shellMoisture_pct,
  core_moisture_pct: finish.centreMoisture_pct,
  aw: finish.aw,
  aw_centre: finish.coreAw,
  snap: finish.snap,
  snap_low: finish.snap,
  snap_high: finish.snap,
  snap_fresh: finish.snapFresh,
  texture: finish.words,
  soft_while_hot: finish.feel.willFirm,
  snap_force_n: finish.force_N,
  hard: finish.shellStiffness > HARD_FROM,
  mass_loss_pct: 100 * (1 - finish.massRatio),
  mass_loss_pct_low: 100 * (1 - finish.massRatio),
  mass_loss_pct_high: 100 * (1 - finish.massRatio),
  draws: 0,
  variance_shares: [],
  others: [],
});

/** What the ingredients cost, spread over what comes out. */
function costPart(cost: IngredientCost, dough_g: number, finished_g: number, pieces: number): Prediction['cost'] {
  return {
    currency: cost.currency,
    ingredients: cost.total,
    per_piece: cost.total / pieces,
    per_100g: (100 * cost.total) / finished_g,
    dough_per_100g: (100 * cost.total) / dough_g,
    missing: cost.missing,
  };
}

function feelPart(
  { lines, planned, finishes, rest_min }: Omit<PredictionRun, 'prediction'>,
  kitchen_c: number,
): Omit<Prediction['dough'], 'mass_g' | 'water_g' | 'water_pct' | 'factor' | 'left_over'> {
  const bowl = { standing_min: rest_min, kitchen_c };
  const { index, sd } = softness(lines, bowl);
  const shown = Number.isFinite(index) ? index : 9.99; // all liquid: JSON has no infinity
  const held = holdBack(lines, bowl);
  return {
    feel_index: shown,
    feel_index_low: Math.max(0, shown - SDS_IN_90_PCT * sd),
    feel_index_high: shown + SDS_IN_90_PCT * sd,
    feel: feelOf(index, crumbleEdge(lines)),
    ingredients: lines.map(({ ingredient, mass_g }, i) => ({
      ingredient: ingredient.id,
      mass_g,
      planned_g: planned[i].mass_g + finishes[i].mass_g,
    })),
    hold_back: held ? { ingredient: held.of, mass_g: held.mass_g } : null,
  };
}

function heatPart({
  lines,
  heat,
  bake: baked,
  course,
  dough,
  shape,
  out,
  simulation,
}: Omit<PredictionRun, 'prediction'>): Prediction['heat'] {
  const timeline = baked.frames.map((frame, i): TimelinePoint => ({
    minute: course[i].minute,
    air_c: frame.air_c,
    core_c: frame.core_c,
    surface_c: frame.surface_c,
    moisture_pct: course[i].moisture_pct,
    centre_moisture_pct: course[i].centreMoisture_pct,
    aw_mean: course[i].aw,
    aw_centre: course[i].coreAw,
    browning: frame.browningEdge,
    snap: course[i].snap,
  }));
  const { end } = baked;
  return {
    minutes: heat.minutes,
    loads: Math.max(...heat.applianceStages.map(({ loads }) => loads)),
    all_loads_minutes: heat.allLoadsMinutes,
    stages: heat.applianceStages.map(({ kind, minutes, loads, load_g }, i) => ({
      kind,
      minutes,
      loads,
      load_g,
      energy_kwh: baked.energies_kwh[i],
    })),
    core_c_max: Math.max(...baked.frames.map(({ core_c }) => core_c)),
    salmonella_log10: end.kill,
    browning: end.browningEdge,
    colour: colourWord(end.browningEdge),
    clean_minutes: mixtureOf(shape) === 'batter' ? cleanAfter(heat, simulation) : null,
    energy_kwh: baked.energy_kwh,
    cooling_minutes: baked.cooling_minutes,
    drip: dripOf(baked.end, dough.material, out),
    timeline,
    reached: reachedIn(course, heat, dough, mixtureOf(shape)).map((moment) => ({
      ...moment,
      minute_low: null,
      minute_high: null,
      share: null,
    })),
    raw: rawPart(lines, course, end.kill, heatCautions(heat, baked, dough.composition)),
    band: null,
  };
}

/** What each part of the treat weighs; none where the recipe has only its dough. */
const partsOf = (recipe: BatchDocument['recipe'], { lines, finishes }: Omit<PredictionRun, 'prediction'>): Prediction['parts'] =>
  (recipe.parts ?? []).map(({ name, role }) => ({
    name,
    role,
    mass_g: recipe.ingredients.reduce((sum, { part }, i) => sum + (part === name ? lines[i].mass_g + finishes[i].mass_g : 0), 0),
  }));

/** What the caution rules look at. */
function contextOf({
  lines: dough_lines,
  finishes,
  dough,
  heat,
  bake: baked,
  course,
  finish,
  out,
  shape,
  packs,
}: Omit<PredictionRun, 'prediction'>): Omit<CautionContext, 'words'> {
  const { composition } = dough;
  // A dog eats the finish with the biscuit: what it must not eat counts wherever it is.
  const lines = [...dough_lines, ...finishes.filter(({ mass_g }) => mass_g > 0)];
  return {
    lines,
    fat_pctOfDry: (100 * composition.fat_g) / composition.solids_g,
    sodium_mgPer100gDry: (100 * composition.sodium_mg) / composition.solids_g,
    surfaceAw: finish.shellAw,
    coreAw: finish.coreAw,
    awSafe: awOnTheSafeSide(Math.max(finish.aw, finish.coreAw), dryReadingAllowance(dough_lines, composition)),
    ...heatCautions(heat, baked, composition),
    core_cMax: Math.max(...baked.frames.map(({ core_c }) => core_c)),
    kill_log10: baked.end.kill,
    curve: course.map(({ minute, core_c, coreAw }) => ({ minute, temperature_c: core_c, aw: coreAw })),
    atPacking_c: baked.end.hottest_c,
    room_c: heat.room.temperature_c,
    drip: dripOf(baked.end, dough.material, out),
    sides_mm: sidesOf(out),
    force_N: finish.force_N,
    hard: finish.shellStiffness > HARD_FROM,
    packs: packs.map(({ option, store }) => ({ option, store: store ?? 'room' })),
    rising: risingOf(out, dough.material.food.rise),
    sliced: shape.method === 'slice',
  };
}
