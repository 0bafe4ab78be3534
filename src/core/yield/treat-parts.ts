import { fail, succeed, type Result } from '../failure';
import { roleRecord, type FinishRole, type PartRole, type PartTime } from '../catalogue';
import { putOnAt, timeOfStep, type Heat, type Recipe, type RecipePart } from '../document';
import { compose, usualPiece, type DoughLine } from '../pantry';
import { filmDensity } from './dough-material';
import type { ShapeYield } from './shape-yield';

/** A part of a treat that is no dough: what is made of it, and what of it ends on the pieces. */
export type TreatPart = {
  readonly name: string;
  readonly role: FinishRole;
  readonly when: PartTime;
  /** What is made of it, line by line of the recipe; nothing where a line is of another part. */
  readonly made: readonly DoughLine[];
  readonly made_g: number;
  /** On all pieces, as it is put on [g]. */
  readonly on_g: number;
  /** Of one piece [mm2]. */
  readonly covers_mm2: number;
  /** How thick it lies there [mm]; null for what is inside. */
  readonly thickness_mm: number | null;
  /** Numbers of the steps that put it on; none where the programme does not say. */
  readonly steps: readonly number[];
};

/** What the parts of a treat are worked out from. */
export type TreatPartsInput = {
  readonly recipe: Recipe;
  readonly heat: Pick<Heat, 'steps'>;
  /** Every line as written, and the factor that the dough is scaled by. */
  readonly written: readonly DoughLine[];
  readonly factor: number;
  readonly dough_g: number;
  readonly out: ShapeYield;
};

const GLAZES: ReadonlySet<PartRole> = new Set<PartRole>(['frosting', 'dip', 'drizzle']);

/** The parts that go on, into or round the pieces, in the order of the recipe. Parts without any ingredient weigh nothing. */
export function treatParts(input: TreatPartsInput): Result<TreatPart[]> {
  const parts = input.recipe.parts ?? [];
  const made: TreatPart[] = [];
  for (const [index, part] of parts.entries()) {
    if (part.role === 'dough') continue;
    const one = treatPart(part, part.role, input);
    if (one.made_g === 0 && one.on_g > 0)
      return fail(
        'BAD_VALUE',
        `"${part.name}" has an amount but no ingredient. Give a line the part "${part.name}", or take the part out.`,
        `recipe.parts[${index}]`,
      );
    made.push(one);
  }
  return succeed(made);
}

function treatPart(part: RecipePart, role: FinishRole, input: TreatPartsInput): TreatPart {
  const { recipe, heat, written, factor, out } = input;
  const asWritten = written.map((line, i) => {
    const { part: of, actual_g } = recipe.ingredients[i];
    return { ...line, mass_g: of === part.name ? (actual_g ?? line.mass_g * factor) : 0 };
  });
  const written_g = asWritten.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const steps = putOnAt(heat.steps, part.name);
  const covers_mm2 = coveredBy(part, role, out);
  const g_per_mm = written_g > 0 ? ((covers_mm2 * filmDensity(asWritten)) / 1000) * out.pieces : 0;
  const wanted = wantedOf(part, role, { ...input, steps, g_per_mm, lines: asWritten, written_g });
  // What is asked for is made; what nobody asked for is made as written, and what is too much is left over.
  const made_g = written_g === 0 ? 0 : (wanted.make_g ?? Math.max(written_g, wanted.on_g));
  const scale = written_g > 0 ? made_g / written_g : 0;
  return {
    name: part.name,
    role,
    when: part.when ?? (steps.length > 0 ? timeOfStep(heat.steps, steps[0]) : usualTime(role, input)),
    made: asWritten.map((line) => ({ ...line, mass_g: line.mass_g * scale })),
    made_g,
    on_g: wanted.on_g,
    covers_mm2,
    thickness_mm: roleRecord(role).inside || g_per_mm === 0 ? null : wanted.on_g / g_per_mm,
    steps,
  };
}

function usualTime(role: FinishRole, { recipe, out }: TreatPartsInput): PartTime {
  // Nothing is frosted, filled or strewn before a cake is baked; what is strewn sticks to what is wet.
  if (out.shaped.kind === 'cake' && role !== 'wash' && role !== 'shell') return 'after';
  if (role === 'sprinkle' && (recipe.parts ?? []).some((part) => GLAZES.has(part.role) && part.when !== 'before')) return 'after';
  return roleRecord(role).when;
}

/** The face of one piece that it lies on: of a cake the skin and what is between, shared out among its portions [mm2]. */
function coveredBy({ covers_pct }: RecipePart, role: FinishRole, out: ShapeYield): number {
  const share = (covers_pct ?? roleRecord(role).covers_pct) / 100;
  if (out.shaped.kind !== 'cake') return out.area_mm2 * share;
  const { cake, layers, frosting } = out.shaped;
  const skin_mm2 = role === 'filling' ? (layers - 1) * cake.top_mm2 : cake.top_mm2 + cake.side_mm * frosting.height_mm;
  return (Math.max(skin_mm2, cake.top_mm2) * share) / out.pieces;
}

/** How much ends on the pieces, and what is made where that is not simply what is written [g]. */
type Wanted = { readonly on_g: number; readonly make_g: number | null };
type Asked = TreatPartsInput & {
  readonly steps: readonly number[];
  /** Of it on all pieces for each millimetre that it lies thick. */
  readonly g_per_mm: number;
  /** Its own lines as they are written. */
  readonly lines: readonly DoughLine[];
  readonly written_g: number;
};

function wantedOf(part: RecipePart, role: FinishRole, asked: Asked): Wanted {
  const given_g = givenAmount(part, role, asked);
  if (given_g !== null) return { on_g: given_g, make_g: given_g };
  const brushed_g = asked.steps.reduce((sum, at) => {
    const step = asked.heat.steps[at];
    return sum + ('grams' in step ? (step.grams ?? 0) : 0);
  }, 0);
  if (brushed_g > 0) return { on_g: brushed_g, make_g: Math.max(brushed_g, asked.written_g) };
  return usualAmount(role, asked);
}

function givenAmount(part: RecipePart, role: FinishRole, { factor, dough_g, out, g_per_mm }: Asked): number | null {
  if (part.grams !== undefined) return part.grams * factor;
  if (part.grams_per_piece !== undefined) return part.grams_per_piece * out.pieces;
  if (part.share_of_dough_pct !== undefined) return (part.share_of_dough_pct / 100) * dough_g;
  if (part.thickness_mm !== undefined) return part.thickness_mm * g_per_mm;
  return part.coats === undefined ? null : part.coats * roleRecord(role).coat_mm * g_per_mm;
}

/** Nobody said: a wash is a coat for every time it is brushed, of dusting what sticks, of frosting what the cake takes; else all of it. */
function usualAmount(role: FinishRole, asked: Asked): Wanted {
  const { recipe, out, steps, g_per_mm, written_g } = asked;
  const { shaped } = out;
  if (shaped.kind === 'cake' && (role === 'frosting' || role === 'filling')) {
    const { between_g, crumb_g, coat_g, piping_g, total_g } = shaped.frosting;
    const roles = (recipe.parts ?? []).map((part) => part.role);
    const on_g = role === 'filling' ? between_g : crumb_g + coat_g + piping_g + (roles.includes('filling') ? 0 : between_g);
    const all_g = between_g + crumb_g + coat_g + piping_g;
    const of = roles.filter((one) => one === role).length;
    // What stays in bowl and bag is made as well.
    return { on_g: on_g / of, make_g: all_g > 0 ? ((on_g / of) * total_g) / all_g : 0 };
  }
  if (role === 'border') return { on_g: borderGrams(asked), make_g: null };
  // Edible cups and the like: one round every piece, as heavy as its kind weighs.
  const each = role === 'shell' ? eachOf(asked.lines) : undefined;
  if (each) return { on_g: out.pieces * each.mass_g, make_g: null };
  const film_g = roleRecord(role).coat_mm * g_per_mm * Math.max(1, steps.length);
  if (role === 'wash') return { on_g: Math.min(written_g, film_g), make_g: written_g };
  if (role === 'dusting') return { on_g: Math.min(written_g, film_g + out.flour_g), make_g: written_g };
  return { on_g: written_g, make_g: written_g };
}

/** As many biscuits as go round, each as heavy as its kind weighs; all of what is written where nobody knows what one weighs. There is no side to go round but a cake’s. */
function borderGrams({ out: { shaped }, lines, written_g }: Asked): number {
  const each = eachOf(lines);
  if (shaped.kind !== 'cake') return 0;
  return shaped.border && each ? shaped.border.biscuits * each.mass_g : written_g;
}

/** One of what is counted among these lines; undefined where nothing is. */
const eachOf = (lines: readonly DoughLine[]): ReturnType<typeof usualPiece> =>
  lines.flatMap(({ ingredient, mass_g }) => (mass_g > 0 && ingredient.own ? (usualPiece(ingredient) ?? []) : [])).at(0);

/** What ends on or in all pieces of a part, line by line, as it is put on. */
export const onThePieces = ({ made, made_g, on_g }: TreatPart): DoughLine[] =>
  made.map((line) => ({ ...line, mass_g: made_g > 0 ? (line.mass_g * on_g) / made_g : 0 }));

/** Water of a part as it is put on [share of its mass]. */
export function waterShare({ made, made_g }: TreatPart): number {
  return made_g > 0 ? compose(made).water_g / made_g : 0;
}

/** Whether a part wets what it is put on: seeds and flour do not. */
export const wets = (part: TreatPart): boolean => waterShare(part) >= WETS_FROM;
/** From this share of water on [1]. Source: ours. */
const WETS_FROM = 0.2;

/** Water that goes on the pieces with a part at one moment of the heat [g on all of them]; before the first where `step` is null. */
export type PutOn = { readonly step: number | null; readonly water_g: number };

/** What parts bring of water while the pieces are in the heat. */
export function putOnInHeat(parts: readonly TreatPart[], { steps }: Pick<Heat, 'steps'>): PutOn[] {
  return parts.flatMap((part): PutOn[] => {
    const share = waterShare(part);
    if (part.when === 'after' || roleRecord(part.role).inside || !wets(part)) return [];
    const moments = part.steps.filter((at) => timeOfStep(steps, at) !== 'after');
    if (moments.length === 0) return [{ step: null, water_g: part.on_g * share }];
    const given = moments.map((at) => ('grams' in steps[at] ? ((steps[at] as { grams?: number }).grams ?? 0) : 0));
    const all_g = given.reduce((sum, grams) => sum + grams, 0);
    return moments.map((step, i) => ({
      step,
      water_g: part.on_g * share * (all_g > 0 ? given[i] / all_g : 1 / moments.length),
    }));
  });
}
