import type { BatchDocument } from '../document';
import type { Input } from '../prediction';
import type { Lesson, LessonName } from './lesson';

const OVEN: readonly Input[] = ['thermostat', 'convection', 'heater', 'vent'];
const DOUGH: readonly Input[] = ['water', 'diffusion', 'pores'];

/** Below this a stretch is the low one [°C], and so long it lasts before the oven rests [min]. */
const LOW_BELOW_C = 130;
const SOONER_MIN = 60;

/** One tray of it, as a first try is baked. */
const oneTray = (document: BatchDocument): BatchDocument => ({ ...document, scale: { by: 'trays', trays: 1 } });
/** A sheet that is rolled by eye. */
const byEye = (document: BatchDocument): BatchDocument =>
  document.shape.method === 'roll-and-cut'
    ? { ...oneTray(document), shape: { ...document.shape, thickness_by: 'hand' as const } }
    : document;
const inRoom =
  (room_rh_pct: number) =>
  (document: BatchDocument): BatchDocument => ({ ...oneTray(document), kitchen: { ...document.kitchen, room_rh_pct } });
/** Twice the dough, on all the trays that the oven takes. */
const full = (document: BatchDocument): BatchDocument => ({
  ...document,
  scale: { by: 'trays', trays: 2 },
  heat: { ...document.heat, appliance: { ...document.heat.appliance, kind: 'static-oven', shelves: 2 } },
});
const withSmallOnes = (document: BatchDocument): BatchDocument =>
  document.shape.method === 'roll-and-cut'
    ? { ...oneTray(document), shape: { ...document.shape, mini: { outline: 'circle' as const, width_mm: 22, length_mm: 22 } } }
    : document;
/** Switched off early, so that the night has something left to do. */
const restingSooner = (document: BatchDocument): BatchDocument => {
  const steps = document.heat.steps.map((step) =>
    step.do === 'hold' && step.setpoint_c < LOW_BELOW_C ? { ...step, minutes: SOONER_MIN } : step,
  );
  return { ...oneTray(document), heat: { ...document.heat, steps } };
};
/** Only what is done in the heat: what is put on afterwards is not practised. */
const plain = (document: BatchDocument): BatchDocument => {
  const { parts: _parts, ...recipe } = document.recipe;
  const ingredients = recipe.ingredients.filter(({ part }) => part === undefined);
  const steps = document.heat.steps.filter(({ do: name }) => name !== 'coat' && name !== 'dry-coat' && name !== 'brush');
  return { ...oneTray(document), recipe: { ...recipe, ingredients }, heat: { ...document.heat, steps } };
};

/** Every lesson, each with one thing that the others leave alone. */
const ALL: readonly Lesson[] = [
  { name: 'thickness', recipe: 'parsnip-buckwheat-snaps', change: byEye, unknown: ['thickness'] },
  { name: 'turning', recipe: 'carob-carrot-hearts', change: oneTray, unknown: ['convection', 'exposure', 'thermostat'] },
  { name: 'two-stages', recipe: 'squash-millet-fingers', change: oneTray, unknown: [...OVEN, ...DOUGH] },
  { name: 'oven-off', recipe: 'pea-mint-doorstops', change: restingSooner, unknown: [...OVEN, 'thickness'] },
  { name: 'full-oven', recipe: 'malt-grain-crackers', change: full, unknown: ['load', 'vent', 'heater', 'convection'] },
  { name: 'humid-room', recipe: 'salmon-swede-slips', change: inRoom(85), unknown: ['humidity', 'vent', 'isotherm'] },
  { name: 'slices', recipe: 'swede-crisps', change: oneTray, unknown: ['thickness', 'water', 'convection', 'humidity'] },
  { name: 'cakes', recipe: 'turkey-courgette-muffins', change: plain, unknown: ['thermostat', 'convection', 'water'] },
  { name: 'big-and-small', recipe: 'buckwheat-seed-bars', change: withSmallOnes, unknown: [...OVEN, 'water'] },
  { name: 'soft', recipe: 'turkey-courgette-mat-bits', change: oneTray, unknown: [...OVEN, ...DOUGH] },
];

const BY_NAME: ReadonlyMap<string, Lesson> = new Map(ALL.map((lesson) => [lesson.name, lesson]));

/** The lesson of a name; null where there is none. */
export const lessonOf = (name: string): (Lesson & { readonly name: LessonName }) | null => BY_NAME.get(name) ?? null;
