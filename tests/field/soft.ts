import type { BatchDocument } from '@/core/document';
import { batch, core, days, loss, texture, water, type Scene } from './scene';

const oven = (
  steps: BatchDocument['heat']['steps'],
  base: BatchDocument['heat']['base'] = 'paper-on-tray',
): BatchDocument['heat'] => ({
  appliance: { kind: 'static-oven' },
  base,
  steps,
});
const hold = (setpoint_c: number, minutes: number): BatchDocument['heat']['steps'][number] => ({
  do: 'hold',
  setpoint_c,
  minutes,
  preheated: true,
});
/** Where soft treats go: out in the room, into the fridge, into the freezer. */
const PLACES = [
  { option: 'zip-bag', store: 'room' },
  { option: 'zip-bag', store: 'fridge' },
  { option: 'zip-bag', store: 'freezer' },
] as const;
const SOFT = ['tender', 'soft and bendy', 'chewy', 'crisp shell, moist heart'];

/** Soft treats, cakes and meat batters. Ranges from weighed trays and cooks' tables of losses unless said. */
export const SOFT_ONES: readonly Scene[] = [
  {
    id: 'm7-drops',
    method: 'M7',
    document: batch(
      'Pumpkin drops',
      [
        ['pumpkin_puree', 300],
        ['flour_oat', 250],
        ['egg_whole', 1, 'each'],
      ],
      { shape: { method: 'drop', piece_g: 20, height_mm: 18 }, heat: oven([hold(175, 20)]), pack: PLACES },
    ),
    expects: [
      water([36, 50], 'fair', 'a soft scoop loses a fifth of its weight'),
      core([92, 101], 'fair', 'a probe in a done drop reads just under boiling'),
      texture(SOFT, 'sure', 'soft'),
      days(0, [1, 3], 'fair', 'damp plant doughs mould in two to four days at room heat'),
      days(1, [5, 14], 'fair', 'a week or so in the fridge'),
      days(2, [60, 180], 'fair', 'two to six months frozen'),
    ],
  },
  {
    id: 'm8-balls',
    method: 'M8',
    document: batch(
      'Peanut balls',
      [
        ['flour_oat', 300],
        ['peanut_butter', 100],
        ['banana_mashed', 150],
        ['egg_whole', 1, 'each'],
      ],
      { shape: { method: 'ball', diameter_mm: 25 }, heat: oven([hold(175, 20)]), pack: PLACES },
    ),
    expects: [
      water([15, 29], 'fair', 'thick middle stays damp'),
      core([92, 101], 'fair', 'done'),
      days(1, [7, 42], 'guess', 'fridge'),
    ],
  },
  {
    id: 'm9-turkey-mat',
    method: 'M9',
    document: batch(
      'Turkey in a mat',
      [
        ['turkey_mince', 500],
        ['egg_whole', 1, 'each'],
        ['flour_oat', 60],
      ],
      {
        shape: { method: 'mat', cavity_ml: 4, cavities: 100, height_mm: 12 },
        heat: oven([hold(175, 20)], 'mat-on-tray'),
        pack: PLACES,
      },
    ),
    expects: [
      water([48, 61], 'fair', 'meat gives up a quarter of its weight as juice and steam'),
      loss([20, 40], 'fair', 'cooking loss of minced poultry (USDA yields: a quarter to a third)'),
      core([90, 101], 'fair', 'small cells are hot through'),
      days(0, [0, 0], 'sure', 'moist meat does not stand at room heat'),
      days(1, [2, 5], 'sure', 'cooked meat keeps three to four days in the fridge (USDA)'),
      days(2, [60, 180], 'fair', 'two to six months frozen'),
    ],
  },
  {
    id: 'm6-protein-slab',
    method: 'M6',
    document: batch(
      'Chicken slab',
      [
        ['chicken_mince', 400],
        ['egg_whole', 2, 'each'],
        ['flour_oat', 120],
      ],
      {
        shape: {
          method: 'score-slab',
          thickness_mm: 14,
          piece_width_mm: 10,
          piece_length_mm: 10,
          pan: { width_mm: 200, depth_mm: 250 },
        },
        heat: oven(
          [
            hold(175, 30),
            { do: 'turn-out' },
            { do: 'snap-apart', width_mm: 10, length_mm: 10 },
            { do: 'hold', setpoint_c: 85, minutes: 150 },
          ],
          'deep-pan',
        ),
        pack: [
          { option: 'zip-bag', store: 'fridge' },
          { option: 'zip-bag', store: 'freezer' },
        ],
      },
    ),
    expects: [
      water([12, 42], 'guess', 'firm training bits, dry enough for a pocket, not brittle'),
      core([90, 101], 'fair', 'hot through in the pan'),
      days(0, [4, 28], 'guess', 'semi-dry meat in the fridge'),
    ],
  },
  {
    id: 'm11-muffins',
    method: 'M11',
    document: batch(
      'Carrot muffins',
      [
        ['flour_wheat_wholemeal', 200],
        ['carrot_raw', 150],
        ['applesauce', 150],
        ['egg_whole', 2, 'each'],
        ['yogurt_plain', 100],
        ['baking_powder', 8],
      ],
      {
        shape: { method: 'cup', cup_ml: 60, fill_fraction: 0.7, height_mm: 28 },
        heat: oven([hold(175, 25)], 'bare-tray'),
        pack: PLACES,
      },
    ),
    expects: [
      water([44, 56], 'fair', 'a wet muffin batter loses a tenth'),
      core([94, 101], 'sure', 'a done muffin reads 96 to 99 °C'),
      loss([7, 18], 'fair', 'muffins lose 8 to 15 % in the oven'),
      days(0, [1, 3], 'fair', 'two days on the counter'),
      days(1, [4, 10], 'fair', 'a week in the fridge'),
    ],
  },
  {
    id: 'm12-cake',
    method: 'M12',
    document: batch(
      'Layer',
      [
        ['flour_wheat_white', 250],
        ['egg_whole', 3, 'each'],
        ['applesauce', 150],
        ['yogurt_plain', 100],
        ['rapeseed_oil', 50],
        ['honey', 60],
        ['baking_powder', 10],
      ],
      {
        shape: { method: 'cake', pan: { shape: 'round', width_mm: 200, depth_mm: 60 }, layers: 1 },
        heat: oven([hold(170, 40)], 'deep-pan'),
        pack: PLACES,
      },
    ),
    expects: [
      core([94, 101], 'sure', 'a done cake reads 96 to 99 °C'),
      water([30, 43], 'fair', 'crumb of a moist cake'),
      loss([6, 16], 'fair', 'cakes lose about a tenth'),
      days(0, [1, 3], 'fair', 'two days under a cover'),
      days(1, [4, 10], 'fair', 'a week in the fridge'),
    ],
  },
  {
    id: 'm17-frozen',
    method: 'M17',
    document: batch(
      'Yoghurt moulds',
      [
        ['yogurt_plain', 300],
        ['blueberries', 100],
      ],
      {
        shape: { method: 'frozen-mould', cavity_ml: 15, cavities: 24 },
        heat: { steps: [{ do: 'freeze', minutes: 300 }] },
        pack: [{ option: 'zip-bag', store: 'freezer' }],
      },
    ),
    expects: [
      loss([0, 2], 'sure', 'freezing takes no weight to speak of'),
      texture(['frozen hard'], 'sure', 'five hours freeze a spoonful'),
      days(0, [60, 180], 'fair', 'two to six months'),
    ],
  },
];
