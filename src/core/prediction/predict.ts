import { cautionsFor, type CautionContext } from '../cautions';
import { crumbleEdge, feelOf, holdBack, isDough, softness } from '../dough';
import { succeed, type Result } from '../failure';
import { ingredientCost, type IngredientCost } from '../costing';
import { analyse } from '../feeding';
import { colourWord } from '../heat';
import { compose, opened, type DoughLine } from '../pantry';
import type { Assumptions } from '../fields';
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
  rawPart,
  reachedIn,
  planHeat,
} from '../programme';
import { RECIPE, recipeWords, type BatchDocument } from '../document';
import type { Coating } from '../finishing';
import type { PackChoice } from '../catalogue';
import { fillPacks } from './fill-packs';
import { keepsOf } from './keep';
import { keptOf } from './kept';
import { partsOf, rawParts } from './parts-part';
import { toldCaution } from './told-cautions';
import { bodyOf, coatingAfter, takenUp, treatOf, type Body } from './treat';
import { usualPack } from './usual-pack';
import { wrongPart } from './wrong-part';
import { type DoughMaterial, leftOvers, advised, mixtureOf, quickYield, yieldOf, type ShapeYield } from '../yield';
import type { Prediction, TimelinePoint } from './prediction';
import type { PredictionRun, WorkedOut } from './prediction-run';
import { measuringOf, prepare, type Kitchen } from './prepare';
import { withinBounds } from './work-bound';
import { cakePart, cakeTold, risingOf, sidesOf, yieldPart } from './yield-part';

/** The bowl and its yield as they were before anything was put in or on. */
type Bowl = { readonly dough: DoughMaterial; readonly out: ShapeYield; readonly factor: number };

const YIELDS = { full: advised, light: yieldOf, quick: quickYield } as const;
/** A shell this stiff breaks teeth rather than bends [1]. */
const HARD_FROM = 0.5;

/**
 * How much may be looked for: a layout and a better sheet to roll to; only the layout, for lists and forecasts; or
 * nothing, when an answer is needed within a frame.
 */
export type Effort = 'full' | 'light' | 'quick';

function packsFor({ pack = [], heat }: BatchDocument, awSafe: number | null, assumed: Assumptions): readonly PackChoice[] {
  if (pack.length > 0) return pack;
  const usual = usualPack(heat, awSafe);
  assumed.note(`pack = ${usual.option} ${usual.store === 'room' ? 'at room' : `in the ${usual.store}`}`);
  return [usual];
}

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
  const { assumed, plan, lines, planned, written, dough, substance, factor } = prepared.value;
  const out = YIELDS[effort](plan, dough.composition.mass_g, substance);
  if (!out.ok) return out;
  const wrong = wrongPart(document);
  if (wrong) return wrong;
  const body = bodyOf({ document, plan, lines, dough, written, factor, out: out.value });
  if (!body.ok) return body;
  const heated = { method: plan.method, out: body.value.out, puts: body.value.puts };
  const heat = planHeat(document.heat, document.kitchen, heated, assumed);
  if (!heat.ok) return heat;
  const simulation = simulationOf(heat.value, body.value.dough, body.value.out);
  const baked = bake(heat.value, simulation);
  if (!baked.ok) return baked;
  const coating = coatingAfter(document, body.value, heat.value, assumed);
  const finish = finishOn(baked.value, body.value, coating);
  const packs = packsFor(document, safeAw(body.value, finish), assumed);
  const rest_min = assumed.from(RECIPE.fields, document.recipe, 'recipe')('rest_minutes');
  const parts = {
    lines,
    planned,
    finishes: finishesOf(document, lines, body.value),
    body: body.value,
    treat: treatOf(body.value, finish, coating),
    dough: body.value.dough,
    shape: plan,
    out: body.value.out,
    heat: heat.value,
    simulation,
    bake: baked.value,
    course: courseOf(baked.value, heat.value, body.value.dough, body.value.out),
    finish,
    packs,
    wanted_days: document.target?.keeps_days_min,
    rest_min,
  };
  return succeed({ ...parts, prediction: assemble(document, parts, { dough, out: out.value, factor }, kitchen, assumed.list) });
}

/** Water activity of the dampest part, on the safe side. */
const safeAw = ({ lines, dough }: Body, { aw, coreAw }: Finish): number | null =>
  awOnTheSafeSide(Math.max(aw, coreAw), dryReadingAllowance(lines, dough.composition));

/** The piece judged cold, and a day later with the water that it takes up from its coats. */
function finishOn({ end, profiles, shares }: Bake, { dough, out }: Body, coating: Coating): Finish {
  const bare = finishOf(end, profiles.at(end.row), shares, dough, out);
  const gained = takenUp(coating, { dough, out }, bare);
  return gained === 0 ? bare : finishOf(end, profiles.at(end.row), shares, dough, out, { gained });
}

/** What is made of other parts, line by line of the recipe. */
const finishesOf = ({ recipe }: BatchDocument, lines: readonly DoughLine[], { parts }: Body): DoughLine[] =>
  lines.map((line, i) => {
    const made = parts.find(({ name }) => name === recipe.ingredients[i].part)?.made[i];
    return { ...line, mass_g: made?.mass_g ?? 0 };
  });

// oxlint-disable-next-line max-params -- older than the rule
function assemble(
  document: BatchDocument,
  worked: WorkedOut,
  bowl: Bowl,
  { prices }: Kitchen,
  assumed: readonly string[],
): Prediction {
  const { lines, planned, finishes, out, heat, finish, treat } = worked;
  const final_g = treat.piece_g;
  const { composition } = bowl.dough;
  const aside = Math.min(out.pieces, document.set_aside?.pieces ?? 0);
  const packings = fillPacks(worked.packs, { pieces: out.pieces - aside, volume_ml: treat.volume_ml });
  const kept = keptOf(worked);
  const cautions = cautionsFor({ ...contextOf(worked, document), words: recipeWords(document.recipe) });
  const { kcal_per_kg, ...analysis } = analyse(treat.kept, final_g * out.pieces);
  const bought = [...lines, ...finishes];
  return {
    format: 'upbeat-oven/prediction',
    version: 1,
    name: document.name ?? document.recipe.name ?? 'Batch',
    dough: {
      ...feelPart(worked, heat.room.temperature_c),
      left_over: leftOvers(document.scale, planned, measuringOf(document)),
      mass_g: composition.mass_g,
      water_g: composition.water_g,
      water_pct: (100 * composition.water_g) / composition.mass_g,
      factor: bowl.factor,
    },
    parts: partsOf(document.recipe, worked),
    yield: yieldPart(bowl.out, treat, aside),
    cake: cakePart(out),
    heat: heatPart(worked),
    outcome: outcomePart(finish),
    keeps: worked.packs.map((choice, i) => keepsOf(choice, packings[i], kept)),
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
    cost: prices ? costPart(ingredientCost(bought, prices), composition.mass_g, final_g * out.pieces, out.pieces) : null,
    cautions: cautions.map(toldCaution),
    portions: [],
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
  { lines, planned, finishes, treat, rest_min, shape }: WorkedOut,
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
    feel: mixtureOf(shape) === 'whole' || !isDough(lines) ? null : feelOf(index, crumbleEdge(lines)),
    ingredients: lines.map(({ ingredient, mass_g }, i) => ({
      ingredient: ingredient.id,
      mass_g,
      planned_g: planned[i].mass_g + finishes[i].mass_g,
      eaten_g: treat.lines[i].mass_g,
    })),
    hold_back: held ? { ingredient: held.of, mass_g: held.mass_g } : null,
  };
}

function heatPart({ body, treat, heat, bake: baked, course, dough, shape, out, simulation }: WorkedOut): Prediction['heat'] {
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
    finish_minutes: treat.coating.finish_minutes,
    drip: dripOf(baked.end, dough.material, out),
    timeline,
    reached: reachedIn(course, heat, dough, mixtureOf(shape)).map((moment) => ({
      ...moment,
      minute_low: null,
      minute_high: null,
      share: null,
    })),
    raw: rawPart(body.lines, course, end.kill, heatCautions(heat, baked, dough.composition)),
    band: null,
  };
}

/** What the caution rules look at. */
function contextOf(worked: WorkedOut, document: BatchDocument): Omit<CautionContext, 'words'> {
  const { finishes, body, treat, dough, heat, bake: baked, course, finish, out, shape, packs } = worked;
  const { composition } = dough;
  const whole = compose(treat.lines);
  return {
    // A dog eats the finish with the biscuit: what it must not eat counts wherever it is, also where it is only made.
    lines: opened([...treat.lines, ...finishes.filter(({ mass_g }) => mass_g > 0)]),
    baked: body.lines,
    rawParts: rawParts(worked),
    fat_pctOfDry: (100 * whole.fat_g) / whole.solids_g,
    sodium_mgPer100gDry: (100 * whole.sodium_mg) / whole.solids_g,
    surfaceAw: finish.shellAw,
    coreAw: finish.coreAw,
    awSafe: safeAw(body, finish),
    ...heatCautions(heat, baked, composition),
    core_cMax: Math.max(...baked.frames.map(({ core_c }) => core_c)),
    kill_log10: baked.end.kill,
    curve: course.map(({ minute, core_c, coreAw }) => ({ minute, temperature_c: core_c, aw: coreAw })),
    atPacking_c: baked.end.hottest_c,
    room_c: heat.room.temperature_c,
    loads: {
      minutes: heat.minutes,
      count: Math.max(...heat.applianceStages.map(({ loads }) => loads)),
      all_minutes: heat.allLoadsMinutes,
    },
    drip: dripOf(baked.end, dough.material, out),
    sides_mm: sidesOf(out),
    force_N: finish.force_N,
    hard: finish.shellStiffness > HARD_FROM,
    packs: packs.map(({ option, store }) => ({ option, store: store ?? 'room' })),
    rising: risingOf(out, dough.material.food.rise),
    cake: cakeTold(worked, document),
    sliced: shape.method === 'slice',
  };
}
