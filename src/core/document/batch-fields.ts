import { APPLIANCE, BASE, PACK, SETPOINT_C, SHAPES, STEPS } from '../catalogue';
import { choice, constant, flag, group, list, number, text, variants, type Fields } from '../fields';
import { LABEL_PARTS } from '../labelling';
import { KITCHEN } from './kitchen-fields';
import { RECIPE, SCALES } from './recipe-fields';

/** The fields of each of several records, by name. */
const fieldsOf = <R extends Readonly<Record<string, { readonly fields: Fields }>>>(
  records: R,
): { readonly [Name in keyof R]: R[Name]['fields'] } =>
  Object.fromEntries(Object.entries(records).map(([name, { fields }]) => [name, fields])) as {
    readonly [Name in keyof R]: R[Name]['fields'];
  };

const STEP_FIELDS = fieldsOf(STEPS);
const SHAPE_FIELDS = fieldsOf(SHAPES);
const HEAT_STEP = variants('do', STEP_FIELDS);
const SHAPE_IF_OTHER = variants('method', SHAPE_FIELDS, { usual: 'the shape of the batch', like: 'shape' });
const SHAPE = variants('method', SHAPE_FIELDS, { required: true });

export const PREFERENCES = ['fastest', 'least-energy', 'gentlest', 'least-attention'] as const;

export const HEAT = group({
  appliance: APPLIANCE,
  base: BASE,
  steps: list(HEAT_STEP, { least: 1, most: 60, required: true }),
});

/** Minutes of a programme's clock. */
const CLOCK_MIN = [0, 5760] as const;
const WITHIN_MIN = [5, 5760] as const;
const ANY_SETPOINT_C = number('temperature', [SETPOINT_C.min, SETPOINT_C.max], {
  step: 5,
  meaning: 'what its dial can be set to',
});

/** What a programme shall reach, within what it must stay, and what matters most; for find-a-programme. */
export const TARGET = group({
  snap_min: number('score', [0, 10], { step: 0.5 }),
  snap_max: number('score', [0, 10], { step: 0.5, meaning: 'moist on purpose: it shall bend, not snap' }),
  keeps_days_min: number('days', [0, 2000], { meaning: 'in the first pack' }),
  browning_max: number('fraction', [0.02, 1], { usual: '0.35', step: 0.05, meaning: 'of the edge, as the prediction tells it' }),
  sure_pct: number('share', [1, 95], {
    default: 80,
    step: 5,
    meaning: 'of a hundred batches at least so many shall reach all that is asked for',
  }),
  pick_clean: flag({ meaning: 'a pick shall come out clean' }),
  finish_within_minutes: number('duration', WITHIN_MIN, { step: 15 }),
  oven_within_minutes: number('duration', WITHIN_MIN, { step: 15, meaning: 'the first appliance shall be free again' }),
  setpoint_min_c: ANY_SETPOINT_C,
  setpoint_max_c: ANY_SETPOINT_C,
  asleep: group(
    {
      from_minutes: number('duration', CLOCK_MIN, { required: true }),
      to_minutes: number('duration', CLOCK_MIN, { required: true }),
    },
    { meaning: 'nobody is at hand between these minutes' },
  ),
  prefer: choice(PREFERENCES, { default: 'fastest' }),
  also: list(APPLIANCE, { most: 6, meaning: 'other appliances of the kitchen that the pieces may be moved into' }),
});

/** What the baker makes of the batch besides eating it. */
export const WORTH = group({
  minutes: number('duration', [0, 5760], { usual: 'estimated', step: 5, meaning: 'that hands were busy' }),
  bought_per_100g: number('money', [0, 1000], { step: 0.1, meaning: 'what such treats cost in a shop' }),
  margin_pct: number('share', [0, 95], { step: 5, meaning: 'share of the price that shall be left' }),
});

/** Treats that go into no pack. */
export const SET_ASIDE = group(
  { pieces: number('count', [0, 20_000], { whole: true, required: true }), for: text(200, { meaning: 'what they are for' }) },
  { meaning: 'treats that go into no pack: for a cake, for tasting, for the dogs of the house' },
);

/** One of several shapes made of one bowl. */
export const PORTION = group(
  {
    name: text(80, { required: true }),
    share_pct: number('share', [0, 100], { above: true, meaning: 'of the bowl' }),
    dough_g: number('mass', [0, 200_000], { above: true, step: 10, meaning: 'of the bowl, whatever it holds' }),
    rest: flag({ meaning: 'all that the others leave; so is one that says nothing' }),
    shape: SHAPE_IF_OTHER,
    heat: { ...HEAT, usual: 'the programme of the batch, on trays of its own', like: 'heat' } as const,
    round: text(80, { meaning: 'the portion whose cake these are set round; what does not go round it is packed' }),
    set_aside: SET_ASIDE,
    parts: list(text(80), { most: 20, usual: 'all of them', meaning: 'which parts of the recipe go on or into these' }),
  },
  { atMostOneOf: ['share_pct', 'dough_g', 'rest'] },
);

const LABEL_PART = text(2000, { empty: true, untrimmed: true });
/** Parts of a label that the baker writes otherwise, and its size. */
export const LABEL = group({
  width_mm: number('length', [25, 200], { default: 100 }),
  height_mm: number('length', [15, 200], { default: 62 }),
  pack: number('count', [0, 19], {
    whole: true,
    usual: 'the first that holds any',
    meaning: 'which of the packs it is for, counted from 0 over all portions',
  }),
  letter: text(1, { pattern: /^[A-Z]$/, default: 'A', meaning: "of this batch among the day's" }),
  text: group(
    Object.fromEntries(LABEL_PARTS.map((part) => [part, LABEL_PART])) as Record<(typeof LABEL_PARTS)[number], typeof LABEL_PART>,
    { usual: 'as predicted', meaning: 'any part written otherwise; an empty one is left out' },
  ),
});

export const ASSUMED_VALUE = group({
  path: text(200, { required: true }),
  value: text(4000, { required: true, meaning: 'what was put there, as JSON; it counts as given once it is another' }),
});

/**
 * Every key of a batch document: its kind, unit, limits, default and meaning. The document's type, the schema that doors
 * check with, the published JSON Schema, the table in docs/batch-file.md and the number fields of the page are made of it.
 */
export const BATCH = group(
  {
    $schema: text(500, { meaning: 'where the schema of this file stands; for editors' }),
    format: constant('upbeat-oven/batch'),
    version: constant(1),
    name: text(200, { empty: true, usual: "the recipe's name" }),
    kitchen: KITCHEN,
    recipe: { ...RECIPE, required: true } as const,
    scale: variants('by', SCALES, { usual: 'as written' }),
    shape: SHAPE,
    heat: { ...HEAT, required: true } as const,
    portions: list(PORTION, {
      least: 1,
      most: 8,
      usual: 'one: all of the bowl in one shape',
      meaning: 'several shapes from one bowl; where no `shape` is given, the first that one brings is that of the batch',
    }),
    pack: list(PACK, { most: 20, usual: 'one clip jar at room heat' }),
    set_aside: {
      ...SET_ASIDE,
      usual: 'none; of a bowl that is shared out it is of the first portion, unless that says its own',
    } as const,
    label: LABEL,
    worth: WORTH,
    target: TARGET,
    assumed: list(ASSUMED_VALUE, { most: 60, meaning: 'values that nobody gave, such as what a written recipe leaves open' }),
  },
  { standsFor: { shape: 'portions' } },
);
