import { CORE_TARGET_C, type CautionContext } from '../cautions';
import { roleRecord } from '../catalogue';
import type { Recipe } from '../document';
import { awAlone, soak } from '../finishing';
import { analyse } from '../feeding';
import { allergensIn, isRawTissue, type DoughLine } from '../pantry';
import { onThePieces, type TreatPart } from '../yield';
import { underOf } from './coated-life';
import type { WorkedOut } from './prediction-run';
import type { Prediction } from './prediction';
import { productOf } from './product';
import { filmOn } from './treat';

type Part = Prediction['parts'][number];

/** What each part of the treat weighs, brings and needs; none where the recipe has only its dough. */
export function partsOf({ parts = [], ingredients }: Recipe, worked: WorkedOut): Part[] {
  const { lines, out } = worked;
  return parts.map(({ name, role }): Part => {
    const put = worked.body.parts.find((part) => part.name === name);
    if (put) return finishPart(put, worked);
    // A line that names no part is of the first dough.
    const isFirst = name === parts.find((part) => part.role === 'dough')?.name;
    const belongs = (_: DoughLine, i: number): boolean =>
      ingredients[i].part === name || (isFirst && ingredients[i].part === undefined);
    const mass_g = sumOf(lines.filter(belongs));
    const eaten = worked.body.eaten.filter(belongs);
    const on_g = sumOf(eaten);
    return {
      ...NO_FINISH,
      name,
      role,
      mass_g,
      on_treat_g: on_g,
      left_g: mass_g - on_g,
      per_piece_g: on_g / out.pieces,
      final_per_piece_g: (on_g / out.pieces) * worked.finish.massRatio,
      kcal_per_piece: kcalOf(eaten, out.pieces),
      allergens: namesOf(eaten),
    };
  });
}

const sumOf = (lines: readonly DoughLine[]): number => lines.reduce((sum, { mass_g }) => sum + mass_g, 0);

const NO_FINISH = {
  when: null,
  thickness_mm: null,
  sets: null,
  aw: null,
  aw_evened: null,
  hottest_c: null,
  needs_c: null,
} as const;

const namesOf = (lines: readonly DoughLine[]): string[] =>
  allergensIn(lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient)).map(({ name }) => name);

/** Energy of what one piece has of these lines [kcal]: the same water or none, it is the dry matter that counts. */
function kcalOf(lines: readonly DoughLine[], pieces: number): number {
  const mass_g = sumOf(lines);
  return mass_g > 0 ? (analyse(lines, mass_g).kcal_per_kg * mass_g) / 1000 / pieces : 0;
}

function finishPart(part: TreatPart, worked: WorkedOut): Part {
  const { body, treat, finish, out } = worked;
  const { name, role, when, made_g, on_g } = part;
  const coat = treat.coating.coats.findIndex((one) => one.part === part);
  const on = onThePieces(part);
  const packed = treat.coating.coats[coat];
  const evened = packed
    ? soak(
        treat.coating,
        underOf({ product: productOf(body.lines, body.dough, finish, out.body.thickness_mm), piece_g: treat.bare_g }),
      )
    : null;
  const inside = when !== 'after' && roleRecord(role).inside;
  return {
    name,
    role,
    when,
    mass_g: made_g,
    on_treat_g: on_g,
    left_g: Math.max(0, made_g - on_g),
    per_piece_g: on_g / out.pieces,
    final_per_piece_g: packed
      ? packed.solids_g + packed.water_g
      : inside
        ? (on_g / out.pieces) * finish.massRatio
        : filmOn(part, out.pieces, finish.aw),
    thickness_mm: part.thickness_mm,
    kcal_per_piece: kcalOf(on, out.pieces),
    allergens: namesOf(on),
    sets: packed?.sets ?? null,
    aw: packed ? packedAw(packed) : null,
    aw_evened: evened?.aw ?? null,
    hottest_c: hottestOf(part, worked),
    needs_c: neededBy(on),
  };
}

/** Water activity of a coat by itself. */
const packedAw = ({ dough, solids_g, water_g }: WorkedOut['treat']['coating']['coats'][number]): number =>
  awAlone({ composition: dough.composition, solids_g, water_g, state: dough.state, thickness_mm: 1 });

/** Heat that what is raw in a part calls for [°C]; null where nothing is. */
function neededBy(lines: readonly DoughLine[]): number | null {
  const raw = lines.flatMap(({ ingredient, mass_g }) =>
    mass_g > 0 && ingredient.rawAnimal !== null ? [CORE_TARGET_C[ingredient.rawAnimal]] : [],
  );
  return raw.length > 0 ? Math.max(...raw) : null;
}

/** Hottest that a part gets: with the middle where it is inside, with the face where it lies on it; null where it gets no heat. */
function hottestOf(part: TreatPart, { heat, bake }: WorkedOut): number | null {
  if (part.when === 'after') return null;
  if (roleRecord(part.role).inside) return Math.max(...bake.frames.map(({ core_c }) => core_c));
  const from_s = part.steps.length === 0 ? 0 : secondsBefore(heat, part.steps[part.steps.length - 1]);
  return Math.max(...bake.frames.filter(({ time_s }) => time_s > from_s + 1e-6).map(({ surface_c }) => surface_c));
}

/** Seconds of the simulation before a step of the programme. */
const secondsBefore = ({ stages, stageSteps }: WorkedOut['heat'], step: number): number =>
  stages.reduce((sum, { duration_s }, i) => (stageSteps[i] < step ? sum + duration_s : sum), 0);

/** Parts with something raw in them, and the heat that they get. */
export function rawParts(worked: WorkedOut): CautionContext['rawParts'] {
  return worked.body.parts.flatMap((part) => {
    const on = onThePieces(part).filter(({ mass_g, ingredient }) => mass_g > 0 && ingredient.rawAnimal !== null);
    const needs_c = neededBy(on);
    // What is baked in with the dough is judged with it.
    if (needs_c === null || (part.when !== 'after' && roleRecord(part.role).inside)) return [];
    return [
      {
        name: part.name,
        ingredients: on.map(({ ingredient }) => ingredient.name),
        needs_c,
        hottest_c: hottestOf(part, worked),
        tissue: on.some(({ ingredient }) => isRawTissue(ingredient)),
      },
    ];
  });
}
