import { FRIDGE, STEPS, type HeatStep } from '../catalogue';
import { finishingFrom } from '../document';
import type { Assumptions } from '../fields';
import type { Room } from '../heat';
import { scaleComposition, type Composition } from '../pantry';
import { filmMaterial, wets, type DoughMaterial, type TreatPart } from '../yield';
import type { DryingStage, Film } from './film-drying';
import { LOOKED_AT_MIN, NOT, isFatCoat, waterKept, settingByCooling, settingByDrying, type Setting } from './setting';

/** A part that is put on when the heat is over, as it is packed. */
export type Coat = {
  readonly part: TreatPart;
  readonly dough: DoughMaterial;
  /** On one piece [g]. */
  readonly solids_g: number;
  readonly water_g: number;
  /** Null for what is strewn or stuck on dry. */
  readonly sets: Setting | null;
};

/** Everything that is put on when the heat is over, and the minutes that it is given. */
export type Coating = { readonly coats: readonly Coat[]; readonly finish_minutes: number };

export const NO_COATING: Coating = { coats: [], finish_minutes: 0 };

/** What coats are put on. */
export type Coated = {
  readonly parts: readonly TreatPart[];
  readonly pieces: number;
  readonly steps: readonly HeatStep[];
  readonly room: Room;
  readonly thickness_mm: number;
};

/** What is strewn on lies there: it neither sets nor is waited for. */
const STREWN: ReadonlySet<TreatPart['role']> = new Set<TreatPart['role']>(['sprinkle', 'dusting', 'border']);
/** What is left to dry where nobody said: thin coats, until they can be stacked. */
const LEFT_TO_DRY: ReadonlySet<TreatPart['role']> = new Set<TreatPart['role']>(['dip', 'drizzle', 'wash']);

/** Dries what is put on after the heat as the programme says; where it says nothing, thin coats stand until they can be stacked. */
export function coatingOf(coated: Coated, assumed: Assumptions): Coating {
  const { parts, steps } = coated;
  const from = finishingFrom(steps);
  const written = steps.slice(from).reduce((sum, step) => sum + ('minutes' in step ? step.minutes : 0), 0);
  const coats = parts.filter(({ when, on_g }) => when === 'after' && on_g > 0).map((part) => coatOf(part, coated));
  const waited = Math.max(0, ...coats.map(({ waits_min }) => waits_min));
  if (waited > 0) assumed.note(`heat.dry-coat = ${Math.round(waited)} min, until it can be stacked`);
  return { coats: coats.map(({ waits_min: _, ...coat }) => coat), finish_minutes: written > 0 ? written : waited };
}

function coatOf(part: TreatPart, coated: Coated): Coat & { readonly waits_min: number } {
  const { pieces, steps, room, thickness_mm: under_mm } = coated;
  const dough = filmMaterial(part.made);
  const on_g = part.on_g / pieces;
  const solids_g = (on_g * dough.composition.solids_g) / dough.composition.mass_g;
  const left = { part, dough, solids_g, water_g: on_g - solids_g };
  if (isFatCoat(dough.composition)) {
    const { air_c } = stagesOf(steps, part, room)[0] ?? roomAir(room);
    const sets = settingByCooling(part.made, filmOf(part, dough, under_mm), air_c, room.temperature_c);
    return { ...left, sets, waits_min: isTimed(steps, part) ? 0 : (sets.minutes ?? 0) };
  }
  if (!wets(part) || STREWN.has(part.role)) return { ...left, sets: null, waits_min: 0 };
  if (solids_g < LEAST_SHARE * on_g) return { ...left, sets: NOT, waits_min: 0 };
  return driedCoat(left, coated);
}

/** With fewer solids than this it is water, and does not set [share of its mass]. */
const LEAST_SHARE = 0.01;

function driedCoat(coat: Omit<Coat, 'sets'>, { steps, room, thickness_mm: under_mm }: Coated): Coat & { waits_min: number } {
  const { part, dough } = coat;
  const film = filmOf(part, dough, under_mm);
  const written = stagesOf(steps, part, room);
  const minutes = written.reduce((sum, stage) => sum + stage.minutes, 0);
  const air = written.at(-1) ?? roomAir(room);
  const sets = settingByDrying(film, [...written, { ...air, minutes: Math.max(60, LOOKED_AT_MIN - minutes) }], room);
  const waits = !isTimed(steps, part) && LEFT_TO_DRY.has(part.role) && sets.stack_minutes !== null ? sets.stack_minutes : 0;
  const stands = waits > 0 ? [{ ...air, minutes: waits }] : written;
  return { ...coat, water_g: coat.water_g * waterKept(dough, film, stands, room), sets, waits_min: waits };
}

const filmOf = ({ thickness_mm }: TreatPart, dough: DoughMaterial, under_mm: number): Film => ({
  dough,
  thickness_mm: thickness_mm ?? 1,
  under_mm,
});

const roomAir = ({ temperature_c, relativeHumidity }: Room): DryingStage => ({
  air_c: temperature_c,
  relativeHumidity,
  minutes: 0,
});

/** Whether the programme says how long a part stands. */
const isTimed = (steps: readonly HeatStep[], part: TreatPart): boolean => standing(steps, part).length > 0;

/** Stretches that a part stands for once it is on. */
function standing(steps: readonly HeatStep[], { steps: putOn }: TreatPart): Array<Extract<HeatStep, { minutes: number }>> {
  const from = Math.max(finishingFrom(steps), putOn.at(-1) ?? 0);
  return steps.slice(from).flatMap((step) => ('minutes' in step ? [step] : []));
}

function stagesOf(steps: readonly HeatStep[], part: TreatPart, room: Room): DryingStage[] {
  return standing(steps, part).map((step): DryingStage => {
    const cold = step.do === 'chill' || (step.do === 'dry-coat' && step.at === 'fridge');
    if (!cold) return { ...roomAir(room), minutes: step.minutes };
    const air_c = step.do === 'chill' ? (step.fridge_c ?? STEPS.chill.fields.fridge_c.default) : FRIDGE.air_c;
    return { ...FRIDGE, air_c, minutes: step.minutes };
  });
}

/** What a coat is made of on one piece. */
export const compositionOn = ({ dough, solids_g }: Coat): Composition =>
  scaleComposition(dough.composition, dough.composition.solids_g > 0 ? solids_g / dough.composition.solids_g : 0);
