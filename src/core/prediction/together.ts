import type { BatchDocument } from '../document';
import { succeed, type Result } from '../failure';
import { shelvesOf, writtenStages } from '../programme';
import type { Kitchen } from './prepare';
import { cautionsTogether } from './told-cautions';
import { portionsOf, type PortionBatch } from './portions';
import { predict, type Effort } from './predict';
import type { Portioned, Prediction } from './prediction';
import type { PredictionRun } from './prediction-run';

/** A portion of a bowl, worked out. */
export type PortionRun = PortionBatch & { readonly worked: PredictionRun };

/**
 * Works out every portion of a bowl; the one portion of a bowl that is not shared out is the batch itself. Those that go by the
 * programme of the batch stand in its appliance together.
 */
export function predictPortions(
  document: BatchDocument,
  kitchen: Kitchen,
  effort: Effort = 'full',
): Result<readonly PortionRun[]> {
  const portions = portionsOf(document, kitchen, effort);
  if (!portions.ok) return portions;
  const alone = runsOf(portions.value, kitchen, effort);
  if (!alone.ok || alone.value.filter(({ together }) => together).length < 2) return alone;
  if (document.heat.appliance?.load_g !== undefined) return alone;
  return runsOf(
    portions.value.map((portion) =>
      portion.together ? { ...portion, document: loadedWith(portion.document, alone.value) } : portion,
    ),
    kitchen,
    effort,
  );
}

function runsOf(portions: readonly PortionBatch[], kitchen: Kitchen, effort: Effort): Result<readonly PortionRun[]> {
  const runs: PortionRun[] = [];
  for (const [i, portion] of portions.entries()) {
    const worked = predict(portion.document, kitchen, effort);
    if (!worked.ok) return portion.name === null ? worked : { ...worked, path: pathIn(worked.path, i) };
    runs.push({ ...portion, worked: worked.value });
  }
  return succeed(runs);
}

/** A mistake in a portion's own shape or programme is told where it is written. */
const pathIn = (path: string, at: number): string =>
  at > 0 && /^(?:shape|heat)\b/.test(path) ? `portions[${at}].${path}` : path;

/** The programme of a portion with all that stands in its appliance beside it. */
function loadedWith(document: BatchDocument, runs: readonly PortionRun[]): BatchDocument {
  const inIt = runs.filter(({ together }) => together).map(({ worked }) => worked.out);
  const all_g = inIt.reduce((sum, { pieces, piece_g }) => sum + pieces * piece_g, 0);
  const load_g = Math.max(1, Math.min(200_000, all_g / loadsOf(document, runs)));
  return { ...document, heat: { ...document.heat, appliance: { ...document.heat.appliance, load_g } } };
}

/** How often the first appliance is filled with the trays of all portions that share it. */
function loadsOf({ heat }: Pick<BatchDocument, 'heat'>, runs: readonly PortionRun[]): number {
  const trays = runs.filter(({ together }) => together).reduce((sum, { worked }) => sum + worked.out.trays, 0);
  return Math.max(1, Math.ceil(trays / shelvesOf(heat.appliance) - 1e-9));
}

/**
 * One prediction of a whole bowl from those of its portions: pieces, trays, energy, money and packs are of all of them, what ends
 * in the heat is told of the first, and each has its own among `portions`.
 */
export function togetherOf(document: BatchDocument, runs: readonly PortionRun[], predictions: readonly Prediction[]): Prediction {
  const [first] = predictions;
  if (predictions.length === 1 && runs[0].name === null) return first;
  const bowl = bowlOf(document, runs, predictions);
  return {
    ...first,
    name: document.name ?? document.recipe.name ?? 'Batch',
    dough: doughOf(bowl, document),
    yield: yieldOf(bowl),
    heat: heatOf(bowl, document),
    keeps: runs.flatMap(({ name }, i) => predictions[i].keeps.map((keeps) => ({ ...keeps, portion: name }))),
    feeding: {
      kcal_per_piece: bowl.byPiece(({ feeding }) => feeding.kcal_per_piece),
      kcal_per_kg: bowl.byMass(({ feeding }) => feeding.kcal_per_kg),
    },
    analysis: mapValues(first.analysis, (key) => bowl.byMass(({ analysis }) => analysis[key])),
    cost: costOf(bowl),
    cautions: cautionsTogether(
      runs.map(({ name, worked }, i) => ({ name: name ?? '', lines: worked.treat.lines, cautions: predictions[i].cautions })),
    ),
    blocked_by: [...new Set(predictions.flatMap(({ blocked_by }) => blocked_by))],
    assumed: [...new Set(predictions.flatMap(({ assumed }) => assumed))],
    parts: partsOf(bowl).slice(0, document.recipe.parts?.length ?? 0),
    portions: runs.map(({ name, share }, i) => portionOf(name ?? '', share, predictions[i])),
  };
}

const mapValues = <K extends string>(of: Readonly<Record<K, number>>, to: (key: K) => number): Record<K, number> =>
  Object.fromEntries((Object.keys(of) as K[]).map((key) => [key, to(key)])) as Record<K, number>;

/** All portions of a bowl, and how they are added up. */
type Bowl = {
  readonly predictions: readonly Prediction[];
  /** Those that stand in the appliance of the batch together, and how often it is filled; and those with a programme of their own. */
  readonly shared: readonly Prediction[];
  readonly own: readonly Prediction[];
  readonly loads: number;
  readonly pieces: number;
  /** In the portions, and in the whole bowl [g]; all of the finished treats [g]. */
  readonly dough_g: number;
  readonly bowl_g: number;
  readonly final_g: number;
  /** Treats of a portion that are in none of another. */
  readonly by_themselves: readonly number[];
  readonly sum: (of: (one: Prediction) => number) => number;
  readonly byPiece: (of: (one: Prediction) => number) => number;
  readonly byMass: (of: (one: Prediction) => number) => number;
};

function bowlOf(document: BatchDocument, runs: readonly PortionRun[], predictions: readonly Prediction[]): Bowl {
  const sum: Bowl['sum'] = (of) => predictions.reduce((all, one) => all + of(one), 0);
  const pieces = sum(({ yield: out }) => out.pieces);
  // What goes round a cake of the bowl is counted with the cake.
  const alone = predictions.map(({ yield: out }, i) => out.pieces - runs[i].on_cake);
  const overAlone = (of: (one: Prediction) => number): number => predictions.reduce((all, one, i) => all + of(one) * alone[i], 0);
  const final_g = overAlone(({ yield: out }) => out.piece_final_g);
  const dough_g = sum(({ dough }) => dough.mass_g);
  const left = 1 - runs.reduce((all, { share }) => all + share, 0);
  return {
    predictions,
    shared: predictions.filter((_, i) => runs[i].together),
    own: predictions.filter((_, i) => !runs[i].together),
    loads: loadsOf(document, runs),
    pieces,
    dough_g,
    bowl_g: left > NOTHING_LEFT ? dough_g / (1 - left) : dough_g,
    final_g,
    by_themselves: alone,
    sum,
    byPiece: (of) => overAlone(of) / alone.reduce((all, count) => all + count, 0),
    byMass: (of) => overAlone((one) => of(one) * one.yield.piece_final_g) / final_g,
  };
}

/** A share of the bowl that is rounding [1]. */
const NOTHING_LEFT = 1e-9;

function doughOf({ predictions: [{ dough }], dough_g, bowl_g, sum }: Bowl, { recipe }: BatchDocument): Prediction['dough'] {
  const more = bowl_g / dough.mass_g;
  return {
    ...dough,
    mass_g: bowl_g,
    water_g: dough.water_g * more,
    factor: dough.factor * more,
    ingredients: dough.ingredients.slice(0, recipe.ingredients.length).map(({ ingredient, mass_g }, i) => {
      const of = (key: 'mass_g' | 'planned_g' | 'eaten_g'): number => sum((one) => one.dough.ingredients[i][key]);
      // What no portion takes of the bowl is weighed all the same.
      const over = mass_g > 0 ? bowl_g / dough_g : 1;
      return { ingredient, mass_g: of('mass_g') * over, planned_g: of('planned_g') * over, eaten_g: of('eaten_g') };
    }),
    hold_back: dough.hold_back && { ...dough.hold_back, mass_g: dough.hold_back.mass_g * more },
  };
}

const yieldOf = ({ predictions: [first], pieces, final_g, dough_g, bowl_g, sum, byPiece }: Bowl): Prediction['yield'] => ({
  ...first.yield,
  pieces,
  pieces_low: sum(({ yield: out }) => out.pieces_low),
  pieces_high: sum(({ yield: out }) => out.pieces_high),
  set_aside: sum(({ yield: out }) => out.set_aside),
  piece_raw_g: byPiece(({ yield: out }) => out.piece_raw_g),
  piece_final_g: final_g / pieces,
  piece_ml: byPiece(({ yield: out }) => out.piece_ml),
  // Each portion lies in pans of its own.
  pan_fill: null,
  trays: sum(({ yield: out }) => out.trays),
  scrap_g: sum(({ yield: out }) => out.scrap_g) + bowl_g - dough_g,
  bench_flour_g: sum(({ yield: out }) => out.bench_flour_g),
  lost_g: sum(({ yield: out }) => out.lost_g),
});

/** Every appliance of the shared programme with what all portions in it take; as one portion has it where none is shared. */
function stagesOf({ shared, predictions: [{ heat: first }] }: Bowl, { heat }: BatchDocument): Prediction['heat']['stages'] {
  if (shared.length < 2) return (shared[0]?.heat ?? first).stages;
  const trays = shared.reduce((sum, { yield: out }) => sum + out.trays, 0);
  const written = writtenStages(heat);
  return shared[0].heat.stages.map((stage, i) => {
    const loads = Math.max(1, Math.ceil(trays / shelvesOf(written[i]?.appliance) - 1e-9));
    const each = shared.flatMap(({ heat: { stages } }) => (stages[i] ? [stages[i].energy_kwh / stages[i].loads] : []));
    return { ...stage, loads, energy_kwh: loads * Math.max(...each) };
  });
}

function heatOf(bowl: Bowl, document: BatchDocument): Prediction['heat'] {
  const { predictions, shared, own, loads } = bowl;
  const [{ heat: first }] = predictions;
  const all = (of: readonly Prediction[], what: (heat: Prediction['heat']) => number): number[] =>
    of.map(({ heat }) => what(heat));
  const added = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0);
  const isShared = shared.length > 1;
  const energy = isShared
    ? loads * Math.max(...all(shared, (heat) => heat.energy_kwh / heat.loads))
    : added(all(shared, ({ energy_kwh }) => energy_kwh));
  const minutes = isShared
    ? loads * Math.max(...all(shared, (heat) => heat.minutes))
    : added(all(shared, ({ all_loads_minutes }) => all_loads_minutes));
  return {
    ...first,
    stages: stagesOf(bowl, document),
    loads: isShared ? loads : Math.max(...all(predictions, (heat) => heat.loads)),
    all_loads_minutes: minutes + added(all(own, ({ all_loads_minutes }) => all_loads_minutes)),
    energy_kwh: energy + added(all(own, ({ energy_kwh }) => energy_kwh)),
    finish_minutes: Math.max(...all(predictions, ({ finish_minutes }) => finish_minutes)),
  };
}

/** A part on all portions that take it: what is made of it together, and on a piece as it is on those. */
const partsOf = ({ predictions, sum, byPiece }: Bowl): Prediction['parts'] =>
  predictions[0].parts.map((part, i) => {
    const of = (key: 'mass_g' | 'on_treat_g' | 'left_g'): number => sum(({ parts }) => parts[i]?.[key] ?? 0);
    const per = (key: 'per_piece_g' | 'final_per_piece_g' | 'kcal_per_piece'): number =>
      byPiece(({ parts }) => parts[i]?.[key] ?? 0);
    return {
      ...(predictions.find(({ parts }) => (parts[i]?.on_treat_g ?? 0) > 0)?.parts[i] ?? part),
      mass_g: of('mass_g'),
      on_treat_g: of('on_treat_g'),
      left_g: of('left_g'),
      per_piece_g: per('per_piece_g'),
      final_per_piece_g: per('final_per_piece_g'),
      kcal_per_piece: per('kcal_per_piece'),
    };
  });

function portionOf(name: string, share: number, told: Prediction): Portioned {
  const { dough, yield: out, cake, heat, outcome, keeps, feeding, analysis, parts, cautions, blocked_by } = told;
  const { timeline: _drawn, band: _band, ...heated } = heat;
  return {
    name,
    share_pct: 100 * share,
    dough_g: dough.mass_g,
    yield: out,
    cake,
    heat: heated,
    outcome,
    keeps: keeps.map((one) => ({ ...one, portion: name })),
    feeding,
    analysis,
    parts,
    cautions,
    blocked_by,
  };
}

function costOf({ predictions, by_themselves, pieces, final_g, dough_g, bowl_g }: Bowl): Prediction['cost'] {
  const costs = predictions.flatMap(({ cost }) => (cost ? [cost] : []));
  if (costs.length === 0) return null;
  // What went round a cake is paid for with the cake.
  const paid = predictions.reduce((sum, { cost }, i) => sum + (cost?.per_piece ?? 0) * by_themselves[i], 0);
  const ingredients = (bowl_g / dough_g) * paid;
  return {
    currency: costs[0].currency,
    ingredients,
    per_piece: ingredients / pieces,
    per_100g: (100 * ingredients) / final_g,
    dough_per_100g: (100 * ingredients) / bowl_g,
    missing: [...new Set(costs.flatMap(({ missing }) => missing))],
  };
}
