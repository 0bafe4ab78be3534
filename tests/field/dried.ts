import type { BatchDocument } from '@/core/document';
import { batch, days, loss, snap, texture, water, type Scene } from './scene';

const slices = (thickness_mm: number, diameter_mm: number): BatchDocument['shape'] => ({
  method: 'slice',
  thickness_mm,
  diameter_mm,
});
const dryer = (setpoint_c: number, hours: number, turn = false): BatchDocument['heat'] => ({
  appliance: { kind: 'dehydrator' },
  base: 'mesh',
  steps: turn
    ? [{ do: 'hold', setpoint_c, minutes: hours * 30 }, { do: 'turn' }, { do: 'hold', setpoint_c, minutes: hours * 30 }]
    : [{ do: 'hold', setpoint_c, minutes: hours * 60 }],
});
const PACKS = [
  { option: 'clip-jar', store: 'room' },
  { option: 'clip-jar', store: 'fridge' },
] as const;
const one = (
  ingredient: string,
  shape: BatchDocument['shape'],
  heat: BatchDocument['heat'],
  pack: BatchDocument['pack'] = PACKS,
): BatchDocument => batch(ingredient, [[ingredient, 800]], { shape, heat, pack });

/** Meat, organ, fruit and roots dried in air or in a vacuum. Ranges from drying tables of extension services unless said. */
export const DRIED: readonly Scene[] = [
  {
    id: 'm13-beef-5mm',
    method: 'M13',
    document: one('beef_lean_raw', slices(5, 60), dryer(70, 6)),
    expects: [
      water([12, 30], 'fair', 'jerky bends and cracks at a fifth to a quarter water (USDA: 4 to 6 h)'),
      loss([58, 72], 'fair', 'a kilo of lean beef gives 300 to 400 g of jerky'),
      texture(['leathery', 'chewy', 'hard', 'tough and bendy'], 'fair', 'leathery'),
      days(1, [14, 90], 'guess', 'fridge: weeks'),
    ],
  },
  {
    id: 'm13-liver-6mm',
    method: 'M13',
    document: one('liver_beef', slices(6, 60), dryer(68, 9)),
    expects: [
      water([5, 20], 'fair', 'liver snaps after a night'),
      loss([62, 73], 'fair', 'liver gives a third of its weight'),
      days(1, [21, 120], 'guess', 'dried right through'),
    ],
  },
  {
    id: 'm13-chicken-4mm',
    method: 'M13',
    document: one('chicken_breast', slices(4, 60), dryer(72, 7)),
    expects: [
      water([5, 18], 'fair', 'chips of chicken break after seven hours'),
      loss([66, 76], 'fair', 'a kilo gives 250 to 300 g'),
    ],
  },
  {
    id: 'm13-liver-9mm-short',
    method: 'M13',
    document: one('liver_lamb', slices(9, 60), dryer(60, 5)),
    expects: [water([30, 60], 'fair', 'five hours leave a thick slice wet inside')],
  },
  {
    id: 'm14-apple-5mm',
    method: 'M14',
    document: one('apple_fresh', slices(5, 70), dryer(57, 8, true)),
    expects: [
      water([9, 24], 'fair', 'pliable rings (NCHFP: 6 to 12 h, 20 %)'),
      loss([80, 87], 'fair', 'ten kilos give one and a half'),
      texture(['leathery', 'chewy', 'soft and bendy', 'losing its snap'], 'fair', 'leathery'),
      days(0, [20, 240], 'guess', 'jar of rings'),
    ],
  },
  {
    id: 'm14-apple-3mm-crisp',
    method: 'M14',
    document: one('apple_fresh', slices(3, 70), dryer(63, 12)),
    expects: [water([2, 9], 'fair', 'dried to crisp on purpose')],
  },
  {
    id: 'm14-pear-6mm',
    method: 'M14',
    document: one('pear_fresh', slices(6, 60), dryer(57, 11, true)),
    expects: [water([9, 28], 'fair', 'pliable')],
  },
  {
    id: 'm14-strawberry-6mm',
    method: 'M14',
    document: one('strawberries', slices(6, 30), dryer(57, 10)),
    expects: [water([6, 22], 'fair', 'leathery to crisp'), loss([86, 92.5], 'fair', 'ten to one')],
  },
  {
    id: 'm14-apple-oven',
    method: 'M14',
    document: one('apple_fresh', slices(5, 70), {
      appliance: { kind: 'fan-oven' },
      base: 'wire-rack',
      steps: [{ do: 'hold', setpoint_c: 85, minutes: 180 }],
    }),
    expects: [water([8, 35], 'guess', 'three hours in a low fan oven: leathery')],
  },
  {
    id: 'm15-sweet-potato-5mm',
    method: 'M15',
    document: one('sweet_potato_raw', slices(5, 55), dryer(57, 10, true)),
    expects: [water([6, 18], 'fair', 'chews: hard to leathery after ten hours'), loss([70, 78], 'fair', 'four to one')],
  },
  {
    id: 'm15-carrot-3mm',
    method: 'M15',
    document: one('carrot_raw', slices(3, 30), dryer(55, 9)),
    expects: [
      water([4, 13], 'fair', 'brittle to tough (NCHFP: 6 to 10 h, below 10 %)'),
      loss([84, 90], 'fair', 'ten to one'),
      days(0, [60, 365], 'fair', 'dried vegetables keep months'),
    ],
  },
  {
    id: 'm16-liver-freeze-dried',
    method: 'M16',
    document: one(
      'liver_chicken',
      { method: 'cube', edge_mm: 12 },
      {
        appliance: { kind: 'freeze-dryer' },
        steps: [
          { do: 'freeze', minutes: 480 },
          { do: 'freeze-dry', minutes: 1680 },
        ],
      },
      [
        { option: 'foil-pouch', store: 'room' },
        { option: 'zip-bag', store: 'room' },
      ],
    ),
    expects: [
      water([1, 6], 'fair', 'snaps, light as cork'),
      snap([5, 10], 'guess', 'brittle'),
      days(0, [90, 730], 'fair', 'a barrier pouch keeps it for months'),
    ],
  },
  {
    id: 'm16-strawberry-freeze-dried',
    method: 'M16',
    document: one(
      'strawberries',
      slices(8, 30),
      {
        appliance: { kind: 'freeze-dryer' },
        steps: [
          { do: 'freeze', minutes: 480 },
          { do: 'freeze-dry', minutes: 1440 },
        ],
      },
      [{ option: 'foil-pouch', store: 'room' }],
    ),
    expects: [water([1, 6], 'fair', 'crisp'), days(0, [90, 730], 'fair', 'months')],
  },
];
