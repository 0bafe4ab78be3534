import type { BatchDocument } from '@/core/document';
import { batch, browning, core, days, snap, texture, water, type Scene } from './scene';

type Heat = BatchDocument['heat'];
type Steps = Heat['steps'];
const JAR = { option: 'clip-jar', store: 'room' } as const;
const BAG = { option: 'zip-bag', store: 'room' } as const;
const TIN = { option: 'tin', store: 'room' } as const;

/** A plain stiff dough, about 37 % water. */
const PLAIN = [
  ['flour_wheat_wholemeal', 500],
  ['egg_whole', 2, 'each'],
  ['water', 150],
  ['rapeseed_oil', 25],
] as const;
const rolled = (thickness_mm: number, cutter_mm = 50): BatchDocument['shape'] => ({
  method: 'roll-and-cut',
  thickness_mm,
  cutter: { outline: 'circle', length_mm: cutter_mm },
});
const oven = (steps: Steps, kind: 'static-oven' | 'fan-oven' = 'static-oven'): Heat => ({
  appliance: { kind },
  base: 'paper-on-tray',
  steps,
});
const hold = (setpoint_c: number, minutes: number, preheated = true): Steps[number] => ({
  do: 'hold',
  setpoint_c,
  minutes,
  ...(preheated ? { preheated } : {}),
});
const plain = (name: string, shape: BatchDocument['shape'], heat: Heat): BatchDocument =>
  batch(name, PLAIN, { shape, heat, pack: [JAR, BAG] });

/** Rolled and cut, scored, twice baked and dried biscuits. Ranges from weighed home trays and bakery practice unless said. */
export const BISCUITS: readonly Scene[] = [
  {
    id: 'm1-6mm-175-15',
    method: 'M1',
    document: plain('Quarter of an hour', rolled(6), oven([hold(175, 15)])),
    expects: [
      water([16, 27], 'fair', 'pale, bends, a tray has lost about a fifth of its weight'),
      core([92, 102], 'fair', 'steams right through; a probe stands just below boiling'),
      texture(
        ['soft and bendy', 'tender', 'tough and bendy', 'crisp shell, moist heart', 'chewy'],
        'fair',
        'nobody calls this crisp',
      ),
      days(0, [1, 14], 'fair', 'moulds within a week or two in a shut jar'),
    ],
  },
  {
    id: 'm1-6mm-175-25',
    method: 'M1',
    document: plain('Usual', rolled(6), oven([hold(175, 25)])),
    expects: [
      water([7, 15], 'fair', 'the usual first bake: dry outside, a little give in the middle'),
      core([97, 112], 'fair', 'the middle passes boiling only once it is nearly dry'),
      browning([0.12, 0.5], 'fair', 'golden edge'),
      days(0, [7, 75], 'guess', 'weeks, if cooled dry'),
    ],
  },
  {
    id: 'm1-6mm-175-40',
    method: 'M1',
    document: plain('Long', rolled(6), oven([hold(175, 40)])),
    expects: [
      water([2.5, 8], 'fair', 'dry and hard; cracker range'),
      snap([5, 10], 'fair', 'snaps when cold'),
      texture(['snaps clean', 'hard', 'crisp shell, chewy heart'], 'fair', 'hard biscuit'),
      days(0, [30, 200], 'fair', 'a shut jar of dry biscuits keeps a month and more'),
      days(1, [7, 90], 'fair', 'a zip bag softens them sooner'),
    ],
  },
  {
    id: 'm1-10mm-175-25',
    method: 'M1',
    document: plain('Thick', rolled(10), oven([hold(175, 25)])),
    expects: [
      water([17, 28], 'fair', 'damp in the middle at twice the time that thin ones need'),
      core([94, 102], 'fair', 'plateau at boiling'),
    ],
  },
  {
    id: 'm1-4mm-160-20',
    method: 'M1',
    document: plain('Thin', rolled(4), oven([hold(160, 20)])),
    expects: [water([4, 13], 'fair', 'thin ones are nearly dry after twenty minutes')],
  },
  {
    id: 'm1-6mm-fan-160-25',
    method: 'M1',
    document: plain('Fan', rolled(6), oven([hold(160, 25)], 'fan-oven')),
    expects: [water([6, 15], 'fair', 'a fan at 160 does what a static oven does at 180')],
  },
  {
    id: 'm1-6mm-150-40',
    method: 'M1',
    document: plain('Cooler', rolled(6), oven([hold(150, 40)])),
    expects: [
      water([5, 13], 'guess', 'cooler and longer comes out like hotter and shorter'),
      browning([0.03, 0.35], 'guess', 'paler'),
    ],
  },
  {
    id: 'm1-small',
    method: 'M1',
    document: plain('Small ones', rolled(6, 20), oven([hold(175, 20)])),
    expects: [water([4, 14], 'fair', 'small pieces bake faster than big ones on the same tray')],
  },
  {
    id: 'm2-175-20-110-90',
    method: 'M2',
    document: plain('Twice', rolled(6), oven([hold(175, 20), hold(110, 90, false)])),
    expects: [
      water([2.5, 7], 'fair', 'dried until the middle snaps'),
      snap([6, 10], 'fair', 'snaps'),
      browning([0.1, 0.5], 'fair', 'the drying hardly colours'),
      days(0, [45, 240], 'fair', 'months in a shut jar'),
    ],
  },
  {
    id: 'm2-10mm-170-25-100-180',
    method: 'M2',
    document: plain('Thick, twice', rolled(10), oven([hold(170, 25), hold(100, 180, false)])),
    expects: [
      water([3, 9], 'fair', 'three hours at 100 dry a centimetre, not to the last'),
      days(0, [30, 240], 'guess', 'dry goods'),
    ],
  },
  {
    id: 'm3-175-25-off-night',
    method: 'M3',
    document: plain('Left in overnight', rolled(6), oven([hold(175, 25), { do: 'off', minutes: 480 }])),
    expects: [
      water([3, 8], 'fair', 'left in the oven overnight they are hard by morning'),
      snap([5, 10], 'fair', 'hard by morning'),
      days(0, [30, 240], 'fair', 'keeps like a dried biscuit'),
    ],
  },
  {
    id: 'm3-175-25-off-hour',
    method: 'M3',
    document: plain('Left in an hour', rolled(6), oven([hold(175, 25), { do: 'off', minutes: 60 }])),
    expects: [water([3.5, 10], 'fair', 'an hour in the hot oven takes about half of what is left')],
  },
  {
    id: 'm4-rye-9mm-120-240',
    method: 'M4',
    document: batch(
      'Rusk',
      [
        ['flour_rye_medium', 400],
        ['flour_wheat_strong', 200],
        ['yeast_dried', 5],
        ['water', 330],
      ],
      {
        shape: rolled(9, 45),
        heat: oven([hold(120, 120), { do: 'turn' }, hold(120, 120, false)]),
        pack: [TIN, JAR],
      },
    ),
    expects: [
      water([2, 8], 'fair', 'rusks: four hours low, snapped dry'),
      snap([5, 10], 'fair', 'a rusk cracks'),
      days(1, [45, 365], 'fair', 'crispbread keeps for months'),
    ],
  },
  {
    id: 'm5-slab-5mm',
    method: 'M5',
    document: batch(
      'Scored squares',
      [
        ['flour_oat', 300],
        ['flour_wheat_wholemeal', 150],
        ['peanut_butter', 80],
        ['applesauce', 150],
        ['egg_whole', 1, 'each'],
      ],
      {
        shape: {
          method: 'score-slab',
          thickness_mm: 5,
          piece_width_mm: 15,
          piece_length_mm: 15,
          pan: { width_mm: 300, depth_mm: 380 },
        },
        heat: oven([
          hold(165, 25),
          { do: 'snap-apart', width_mm: 15, length_mm: 15 },
          hold(95, 60, false),
          { do: 'stir' },
          hold(95, 60, false),
        ]),
        pack: [JAR],
      },
    ),
    expects: [
      water([2.5, 8], 'fair', 'crunchy little squares'),
      snap([5, 10], 'fair', 'crunch between the teeth'),
      days(0, [30, 200], 'guess', 'nut butter ages'),
    ],
  },
  {
    id: 'm18-sweet-potato-chickpea',
    method: 'M18',
    document: batch(
      'Two parts',
      [
        ['sweet_potato_puree', 250],
        ['flour_chickpea', 300],
        ['egg_whole', 1, 'each'],
      ],
      { shape: rolled(8), heat: oven([hold(170, 30)]), pack: [JAR, { option: 'zip-bag', store: 'fridge' }] },
    ),
    expects: [
      water([12, 26], 'fair', 'purée doughs come out leathery after half an hour'),
      core([94, 103], 'fair', 'boiling'),
      days(0, [1, 14], 'guess', 'too damp for weeks at room heat'),
      days(1, [7, 42], 'guess', 'fridge'),
    ],
  },
  {
    id: 'm19-spent-grain',
    method: 'M19',
    document: batch(
      'Malt grain',
      [
        ['spent_grain_pressed', 300],
        ['flour_wheat_wholemeal', 200],
        ['peanut_butter', 100],
        ['egg_whole', 1, 'each'],
      ],
      { shape: rolled(7), heat: oven([hold(160, 40), hold(95, 180, false)]), pack: [JAR] },
    ),
    expects: [
      water([2, 8], 'fair', 'dried hard, since what is damp moulds'),
      snap([5, 10], 'fair', 'hard'),
      days(0, [30, 240], 'fair', 'dry goods'),
    ],
  },
  {
    id: 'm10-log-8mm',
    method: 'M10',
    document: batch(
      'Slices from a log',
      [
        ['flour_wheat_white', 350],
        ['carob_powder', 30],
        ['butter_unsalted', 80],
        ['egg_whole', 1, 'each'],
        ['milk_whole', 70],
      ],
      {
        shape: { method: 'log-slice', log_diameter_mm: 40, slice_mm: 8 },
        heat: oven([hold(170, 22)]),
        pack: [TIN],
      },
    ),
    expects: [
      water([5, 15], 'fair', 'short dough, little water to lose'),
      core([95, 118], 'guess', 'nearly dry at the end'),
      days(0, [7, 120], 'guess', 'a tin of shortish biscuits'),
    ],
  },
  {
    id: 'm20-air-fryer',
    method: 'M20',
    document: batch('Air fryer', PLAIN, {
      shape: rolled(6, 35),
      heat: { appliance: { kind: 'air-fryer' }, steps: [hold(160, 14)] },
      pack: [JAR],
    }),
    expects: [water([6, 17], 'guess', 'two thirds of the oven’s time'), browning([0.08, 0.6], 'guess', 'golden')],
  },
  {
    id: 'm20-contact-grill',
    method: 'M20',
    document: batch('Contact grill', PLAIN, {
      shape: rolled(5, 35),
      heat: { appliance: { kind: 'contact-grill' }, steps: [hold(180, 6)] },
      pack: [JAR],
    }),
    expects: [water([12, 28], 'guess', 'a waffle iron leaves them soft inside'), core([95, 104], 'fair', 'steams')],
  },
];
