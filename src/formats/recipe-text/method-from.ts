import type { ShapeMethod } from '@/core/catalogue';
import type { Method } from '@/core/document';
import type { Pantry } from '@/core/pantry';
import type { ReadProgramme } from './programme/read-programme';
import type { ReadIngredient } from './read-recipe';
import type { ReadShape } from './shape/read-shape';

type Clues = {
  readonly shape: ReadShape | null;
  readonly programme: ReadProgramme | null;
  readonly ingredients: readonly ReadIngredient[];
  readonly pantry: Pantry;
};

/** A second hold this much cooler dries [K]. Source: ours. */
const DRIES_BELOW_K = 30;
/** Slow baking: this cool, this long. Source: the slow crackers of docs/model. */
const SLOW_C = 150;
const SLOW_MIN = 150;
/** Share of purée from which it decides the dough [1]. Source: ours. */
const PUREE_DOUGH = 0.25;

const BY_SHAPE: Readonly<Partial<Record<ShapeMethod, Method>>> = {
  'frozen-mould': 'M17',
  cake: 'M12',
  cup: 'M11',
  'log-slice': 'M10',
  mat: 'M9',
  ball: 'M8',
  drop: 'M7',
};
const FACES: ReadonlySet<string> = new Set(['contact-grill', 'air-fryer', 'hob-pan']);

/** Which of the twenty ways of working a recipe is, from its own shape and programme. */
export function methodFrom({ shape, programme, ingredients, pantry }: Clues): Method {
  const kinds = [
    programme?.appliance.kind ?? '',
    ...(programme?.steps ?? []).map((step) => (step.do === 'move' ? (step.appliance?.kind ?? '') : '')),
  ];
  if (kinds.includes('freeze-dryer')) return 'M16';
  const way = shape?.shape.method ?? 'roll-and-cut';
  if (FACES.has(kinds[0]) && way !== 'slice') return 'M20';
  const main = mainOf(ingredients, pantry);
  if (way === 'slice' || way === 'cube') return main === 'fruit' ? 'M14' : main === 'root' ? 'M15' : 'M13';
  const byShape = BY_SHAPE[way];
  if (byShape) return byShape;
  if (ingredients.some(({ ingredient }) => ingredient?.startsWith('spent_grain'))) return 'M19';
  return doughMethod(way, programme, pureeShare(ingredients, pantry));
}

function doughMethod(way: ShapeMethod, programme: ReadProgramme | null, puree: number): Method {
  const steps = programme?.steps ?? [];
  const holds = steps.flatMap((step) => (step.do === 'hold' ? [step] : []));
  const cooler = holds.some(({ setpoint_c }) => setpoint_c <= holds[0].setpoint_c - DRIES_BELOW_K);
  if (way === 'score-slab') return steps.some(({ do: step }) => step === 'snap-apart') && cooler ? 'M5' : 'M6';
  const minutes = holds.reduce((sum, hold) => sum + hold.minutes, 0);
  if (holds.length > 0 && holds[0].setpoint_c <= SLOW_C && minutes >= SLOW_MIN) return 'M4';
  if (steps.some(({ do: step }) => step === 'off')) return 'M3';
  if (cooler) return 'M2';
  return puree > PUREE_DOUGH ? 'M18' : 'M1';
}

const shareOf = (ingredients: readonly ReadIngredient[], belongs: (id: string) => boolean): number => {
  const all = ingredients.reduce((sum, { grams }) => sum + (grams ?? 0), 0);
  const some = ingredients.reduce(
    (sum, { grams, ingredient }) => sum + (ingredient !== null && belongs(ingredient) ? (grams ?? 0) : 0),
    0,
  );
  return all > 0 ? some / all : 0;
};
const pureeShare = (ingredients: readonly ReadIngredient[], pantry: Pantry): number =>
  shareOf(ingredients, (id) => /puree|mash|applesauce/.test(id) || /puree/i.test(pantry.get(id)?.name ?? ''));

/** What most of it is, for what is sliced and dried whole. */
function mainOf(ingredients: readonly ReadIngredient[], pantry: Pantry): 'meat' | 'fruit' | 'root' {
  const heaviest = [...ingredients].sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0))[0];
  const row = heaviest?.ingredient ? pantry.get(heaviest.ingredient) : undefined;
  if (row?.sorptionClass === 'fruit') return 'fruit';
  return row?.sorptionClass === 'veg' ? 'root' : 'meat';
}
