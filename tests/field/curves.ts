import type { Prediction } from '@/core/prediction';
import { batch, core, loss, reading, water, type Expectation, type Scene } from './scene';

/** Range, how sure, and why. */
type Wanted = Parameters<typeof core>;

/** A published course, and how its numbers were got out of the paper: none was digitised. */
export type PublishedCurve = Scene & { readonly paper: string; readonly readAs: string };

type Point = Prediction['heat']['timeline'][number];

/** A value of the course at a minute, straight between the moments that are told. */
function at(minute: number, of: (point: Point) => number, prediction: Prediction): number {
  const { timeline } = prediction.heat;
  const later = timeline.findIndex((point) => point.minute >= minute - 1e-6);
  const next = later === -1 ? timeline.length - 1 : Math.max(1, later);
  const [before, after] = [timeline[next - 1], timeline[next]];
  const span = after.minute - before.minute;
  const part = span > 0 ? (minute - before.minute) / span : 1;
  return of(before) + part * (of(after) - of(before));
}

const onSolids = ({ moisture_pct }: Point): number => moisture_pct / (100 - moisture_pct);

/** Water per dry solids, of what it was at first [1]: the moisture ratio of thin-layer drying, as far from equilibrium as these are. */
const ratio = (minute: number, ...wanted: Wanted): Expectation =>
  reading(`moisture ratio after ${minute} min`, (prediction) => {
    return at(minute, onSolids, prediction) / onSolids(prediction.heat.timeline[0]);
  })(...wanted);
const activity = (minute: number, ...wanted: Wanted): Expectation =>
  reading(`water activity after ${minute} min`, (prediction) => at(minute, ({ aw_mean }) => aw_mean, prediction))(...wanted);
/** Minutes until the middle has been so hot. */
const hotAfter = (core_c: number, ...wanted: Wanted): Expectation =>
  reading(
    `minutes to ${core_c} °C`,
    ({ heat }) => heat.timeline.find((point) => point.core_c >= core_c)?.minute ?? Infinity,
  )(...wanted);
const middle = reading('water in the middle', ({ outcome }) => outcome.core_moisture_pct);

const SERIES = 'the diffusivities it gives, turned back into times by the first term of the slab series (Crank 1975)';

/** Courses that are known from papers. Written down before the model was asked. */
export const CURVES: readonly PublishedCurve[] = [
  {
    id: 'apple-5mm-60c',
    method: 'M14',
    paper: 'Sacilik & Elicin 2006, J. Food Eng. 73:281: apple slices of 5 mm, 60 °C, 0.8 m/s',
    readAs: `${SERIES}: 3 to 5e-10 m²/s`,
    document: batch('Apple', [['apple_fresh', 800]], {
      shape: { method: 'slice', thickness_mm: 5, diameter_mm: 60 },
      heat: { appliance: { kind: 'dehydrator' }, base: 'mesh', steps: [{ do: 'hold', setpoint_c: 60, minutes: 360 }] },
    }),
    expects: [
      ratio(60, [0.35, 0.65], 'fair', 'series, and half an hour in which it warms'),
      ratio(120, [0.17, 0.45], 'fair', 'series'),
      ratio(240, [0.03, 0.2], 'fair', 'series'),
    ],
  },
  {
    id: 'sweet-potato-5mm-60c',
    method: 'M14',
    paper: 'Zogzas, Maroulis & Marinos-Kouris 1996, Drying Technol. 14:2225: potato and sweet potato near 60 °C',
    readAs: `${SERIES}: 1.2 to 6e-10 m²/s, the window of its table`,
    document: batch('Sweet potato', [['sweet_potato_raw', 800]], {
      shape: { method: 'slice', thickness_mm: 5, diameter_mm: 60 },
      heat: { appliance: { kind: 'dehydrator' }, base: 'mesh', steps: [{ do: 'hold', setpoint_c: 60, minutes: 480 }] },
    }),
    expects: [
      ratio(90, [0.2, 0.68], 'fair', 'series'),
      ratio(180, [0.05, 0.5], 'fair', 'series'),
      ratio(360, [0.01, 0.3], 'fair', 'series'),
    ],
  },
  {
    id: 'jerky-6mm-60c',
    method: 'M13',
    paper: 'Calicioglu, Sofos, Samelis, Kendall & Smith 2002, J. Food Prot. 65:1394: beef slices of 6 mm, 60 °C, ten hours',
    readAs: 'its end: dry by water activity and by the moisture-to-protein ratio of .75 that jerky is sold by',
    document: batch('Jerky', [['beef_lean_raw', 800]], {
      shape: { method: 'slice', thickness_mm: 6, diameter_mm: 60 },
      heat: { appliance: { kind: 'dehydrator' }, base: 'mesh', steps: [{ do: 'hold', setpoint_c: 60, minutes: 600 }] },
    }),
    expects: [
      ratio(240, [0.15, 0.5], 'fair', 'two thirds of its weight in water gone in four to six hours'),
      activity(600, [0.45, 0.78], 'fair', 'shelf-stable jerky ends between .5 and .75'),
      water([10, 40], 'sure', 'moisture-to-protein ratio below .75 is at most 40 % water'),
    ],
  },
  {
    id: 'biscuit-3mm-200c',
    method: 'M1',
    paper: 'Broyart & Trystram 2002, Trans IChemE C 80:1: thin crackers in a small oven between 180 and 330 °C',
    readAs: 'the shape of its curves: warm-up, a plateau near boiling, then drying; a few minutes each',
    document: batch(
      'Thin biscuit',
      [
        ['flour_wheat_white', 300],
        ['water', 90],
        ['rapeseed_oil', 25],
      ],
      {
        shape: { method: 'roll-and-cut', thickness_mm: 3, cutter: { outline: 'square', length_mm: 50 } },
        heat: {
          appliance: { kind: 'fan-oven' },
          base: 'paper-on-tray',
          steps: [{ do: 'hold', setpoint_c: 200, minutes: 12 }],
        },
      },
    ),
    expects: [
      hotAfter(95, [1, 5], 'fair', 'boiling after one to four minutes'),
      ratio(6, [0.2, 0.75], 'guess', 'half-way through its drying'),
      water([1.5, 7], 'fair', 'twelve minutes are long for a cracker'),
    ],
  },
  {
    id: 'cup-cake-175c',
    method: 'M11',
    paper: 'Sakin, Kaymak-Ertekin & Ilicali 2007, J. Food Eng. 80:822: cup cakes, convection, 160 to 200 °C',
    readAs: 'the middle: a flat start, a steep rise, a plateau just below boiling; weight lost in the text',
    document: batch(
      'Cup cakes',
      [
        ['flour_wheat_white', 200],
        ['egg_whole', 2, 'each'],
        ['yogurt_plain', 120],
        ['rapeseed_oil', 60],
        ['honey', 80],
        ['baking_powder', 8],
      ],
      {
        shape: { method: 'cup', cup_ml: 60, fill_fraction: 0.6, height_mm: 28 },
        heat: { appliance: { kind: 'static-oven' }, base: 'bare-tray', steps: [{ do: 'hold', setpoint_c: 175, minutes: 30 }] },
      },
    ),
    expects: [
      hotAfter(90, [9, 24], 'fair', 'its steep part'),
      core([95, 102], 'sure', 'the plateau'),
      loss([6, 16], 'fair', 'cakes lose about a tenth'),
    ],
  },
  {
    id: 'roll-60mm-205c',
    method: 'M8',
    paper:
      'Zanoni, Peri & Pierucci 1993, J. Food Eng. 19:389; Purlis & Salvadori 2009, J. Food Eng. 91:428: bread at about 200 °C',
    readAs: 'what both find: the crumb comes to boiling and keeps its water, the crust dries; weight lost in the text',
    document: batch(
      'Rolls',
      [
        ['flour_wheat_strong', 500],
        ['water', 310],
        ['baking_powder', 12],
      ],
      {
        shape: { method: 'ball', diameter_mm: 55, tray_gap_mm: 40 },
        heat: {
          appliance: { kind: 'static-oven' },
          base: 'paper-on-tray',
          steps: [{ do: 'hold', setpoint_c: 205, minutes: 25 }],
        },
      },
    ),
    expects: [
      hotAfter(95, [12, 26], 'fair', 'small bread is at boiling inside within a quarter to half an hour'),
      core([96, 101], 'sure', 'the plateau'),
      middle([38, 48], 'sure', 'the crumb keeps its water'),
      loss([9, 19], 'fair', 'rolls lose a tenth to a sixth'),
    ],
  },
];
