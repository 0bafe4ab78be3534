/** What pages and plates say, drawn without a browser: words, units, bands and names for those who cannot see. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { addBand } from '@/core/bands';
import { drawingOf, predict, type Prediction } from '@/core/prediction';
import { findProgrammes } from '@/core/search';
import { costReport } from '@/core/outcomes';
import { type BatchDocument } from '@/core/document';
import { BatchLine } from '@/ui/batch/BatchLine';
import { CoolBench } from '@/ui/batch/CoolBench';
import { OutcomePanel } from '@/ui/batch/OutcomePanel';
import type { BenchProps } from '@/ui/batch/bench-props';
import { applianceRecord } from '@/core/catalogue';
import { HeatBench } from '@/ui/batch/heat/HeatBench';
import { ShapeBench } from '@/ui/batch/shape/ShapeBench';
import { FeelGauge } from '@/ui/kit/FeelGauge';
import { MixBench } from '@/ui/batch/weigh/MixBench';
import { WeighBench } from '@/ui/batch/weigh/WeighBench';
import { CautionLine, CautionsOf } from '@/ui/kit/CautionMark';
import type { LogEntryView, LogView } from '@/contract/log';
import { LogBook } from '@/ui/log/LogBook';
import { LogEntry } from '@/ui/log/LogEntry';
import { CompositionBar } from '@/ui/recipes/CompositionBar';
import { PANTRY } from '../reference/shipped';
import { CompareStrip } from '@/ui/batch/heat/CompareStrip';
import { FailedList, FoundTable } from '@/ui/batch/heat/FoundTable';
import { FoundOverlay } from '@/ui/batch/heat/FoundOverlay';
import { NO_QUESTIONS } from './no-questions';
import { allWords, drawn, words } from './drawn';

const example = (name: string): BatchDocument => JSON.parse(readFileSync(`examples/${name}.batch.json`, 'utf8')) as BatchDocument;
/** Text of a page as it is read, tags gone. */

const GROWN = {
  age: 'adult',
  activity: 'usual',
  neutered: true,
  overweight: false,
  wornTeeth: false,
  upsetByFat: false,
} as const;
const DOGS = [
  { ...GROWN, name: 'Tarn', avoids: [], weight_kg: 19 },
  { ...GROWN, name: 'Moss', avoids: ['wheat'], weight_kg: 14 },
];

function bench(document: BatchDocument): BenchProps & { banded: Prediction } {
  const worked = predict(document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  const nothing = (): void => undefined;
  return {
    document,
    edits: { set: nothing, change: nothing, newest: () => document, undo: nothing, redo: nothing, begin: nothing },
    nominal: { prediction: worked.value.prediction, drawing: drawingOf(worked.value) },
    banded: addBand(worked.value, 24),
    bandIsOld: false,
    pantry: PANTRY,
    appliances: [{ id: 'big', name: 'Big oven', appliance: { kind: 'static-oven', thermostat_offset_c: -8 } }],
    questions: NO_QUESTIONS,
    search: { subscribe: () => () => undefined, getSnapshot: () => null },
    habits: { measures: 'metric', cup_fill: null, scale_step_g: 1, cut_gaps_mm: [] },
    onHabits: nothing,
    dogs: DOGS,
    batchId: 'b',
    compared: null,
    onCompare: nothing,
    costs: {},
    lots: [
      {
        id: 'l1',
        ingredient_id: 'spent_grain_wet',
        left_g: 860,
        best_before: null,
        water_pct: 74.5,
        got_on: '2026-11-20',
        note: '',
        revision: 1,
      },
    ],
    alsoUsedIn: new Map([['mackerel_canned', [{ id: 'slips', name: 'Mackerel slips' }]]]),
  };
}
const recipe = (name: string): BatchDocument =>
  JSON.parse(readFileSync(`data/recipes/${name}.batch.json`, 'utf8')) as BatchDocument;
const hillbars = bench(example('hillbars'));
const batons = bench(example('malt-grain-batons'));

const COSTS = { wage_per_hour: 12, energy_per_kwh: 0.3 };

describe('the line', () => {
  const line = words(
    <BatchLine
      drawn={false}
      portion={null}
      whole={null}
      document={hillbars.document}
      nominal={hillbars.nominal}
      keeps={hillbars.nominal.prediction.keeps}
      bench="heat"
      onBench={() => undefined}
    />,
  );
  it('names every station with its one result', () => {
    for (const part of [
      'Weigh 1.75 kg',
      '×1.5 the recipe',
      'Mix Rollable',
      'Shape 231 pieces',
      'Heat 2 h 11 min',
      '175 · 110 · oven off',
      'Keep 2 months likely',
    ])
      expect(line).toContain(part);
  });
  it('says how much water runs through it', () =>
    expect(line).toMatch(/872 g water in 1\.75 kg dough .* g leaves in the heat .* g stays/));
  it('marks the open station for those who listen', () => {
    const html = drawn(
      <BatchLine
        drawn={false}
        portion={null}
        whole={null}
        document={hillbars.document}
        nominal={hillbars.nominal}
        keeps={hillbars.nominal.prediction.keeps}
        bench="heat"
        onBench={() => undefined}
      />,
    );
    expect(html.match(/aria-selected="true"/g)).toHaveLength(1);
    expect(html).toContain('id="station-heat"');
  });
});

describe('what comes out', () => {
  it('shows every headline with its band and its unit', () => {
    const plate = words(
      <OutcomePanel
        portion={null}
        onAccept={() => undefined}
        document={hillbars.document}
        nominal={hillbars.nominal.prediction}
        banded={hillbars.banded}
        bandIsOld={false}
        pantry={PANTRY}
        dogs={DOGS}
        costs={COSTS}
      />,
    );
    expect(plate).toMatch(/Snap .* \d+\.\d – \d+\.\d/);
    expect(plate).toMatch(/\d+ – \d+ days/);
    expect(plate).toMatch(/\d+ – \d+ pieces/);
    expect(plate).toContain('You want 42 days.');
    expect(plate).toMatch(/Water left (?:under )?\d+ – \d+ % \d\.\d % middle \d\.\d %/);
    expect(plate).toContain('Predictions, not tests.');
  });
  it('waits for bands with three dots, and never shows a likely value as a band', () => {
    const plate = words(
      <OutcomePanel
        portion={null}
        onAccept={() => undefined}
        document={hillbars.document}
        nominal={hillbars.nominal.prediction}
        banded={null}
        bandIsOld
        pantry={PANTRY}
        dogs={DOGS}
        costs={COSTS}
      />,
    );
    expect(plate.match(/…/g)).toHaveLength(4);
  });
  it('names cautions, and leaves notes to their bench', () => {
    const plate = words(
      <OutcomePanel
        portion={null}
        onAccept={() => undefined}
        document={hillbars.document}
        nominal={hillbars.nominal.prediction}
        banded={null}
        bandIsOld
        pantry={PANTRY}
        dogs={DOGS}
        costs={COSTS}
      />,
    );
    expect(plate).toContain('Mind Let them cool first.');
    expect(plate).not.toContain('Contains:');
  });
});

describe('the benches', () => {
  it('weigh: grams beside kitchen measures, with their scatter', () => {
    const text = words(<WeighBench {...hillbars} />);
    expect(text).toMatch(/Wholegrain spelt flour .* 780 g .* cups ± \d+ g/);
    expect(text).toMatch(/3 × UK medium ± 12 g/);
    expect(text).toContain('1.75 kg of dough · 50 % water');
  });
  it('weigh: a batch fixed by what there is names it', () =>
    expect(words(<WeighBench {...batons} />)).toContain('all the spent brewing grain, drained wet'));
  it('mix: what to hold back and what to add, in grams', () => {
    const text = words(<MixBench {...hillbars} />);
    expect(text).toMatch(/Hold back 115 g of the wholegrain spelt flour/);
    expect(text).toContain('It is there: leave it.');
  });
  it('mix: cautions of the bowl stand there', () =>
    expect(words(<MixBench {...batons} />)).toContain('Only grain that never met hops.'));
  it('shape: the sheets, the re-rolls, the tray and the band', () => {
    const text = words(<ShapeBench {...hillbars} />);
    expect(text).toMatch(/\d+ – \d+ pieces as hands and dough vary/);
    for (const part of ['First roll', 'Re-roll 1', 'One tray 61 fit', 'pressed by hand']) expect(text).toContain(part);
    expect(text).toMatch(/The thickest of ten goes in at 7\.\d mm instead of 6\.4 mm/);
    expect(text).toMatch(/60 × 28 mm is a biscuit for Tarn/);
  });
  it('shape: says how far the search for a tighter layout is, and lets it be stopped', () => {
    const yields = { ...hillbars.nominal.prediction.yield, provisional: true };
    const nominal = { ...hillbars.nominal, prediction: { ...hillbars.nominal.prediction, yield: yields } };
    const text = words(<ShapeBench {...hillbars} nominal={nominal} search={{ ...hillbars.search, getSnapshot: () => 0.43 }} />);
    expect(text).toContain('searching, 43 % Stop');
  });
  it.each([
    ['duck-lentil-marbles', /One tray \d+ fit/],
    ['carob-swirls', /Sheet for one spiral \d+ × \d+ mm, 5 mm thick/],
    ['turkey-courgette-mat-bits', /3 full mats 468 pieces.*The last mat \d+ of 468.*4 rounds/],
    ['turkey-courgette-muffins', /a pick comes out clean after about \d+ min/],
    [
      'gotcha-day-cake',
      /Batter \d+ mm deep.*rises to about \d+ of 50 mm.*crumb coat \d+ g, then \d+ min in the fridge.*\d tubs.*times the batter/,
    ],
    ['pear-moons', /Of 1\.50 kg: 1\.\d+ kg in slices ?, \d+ g core, \d+ g ends/],
    ['kefir-melon-drops', /full moulds 24 pieces.*2 rounds/],
  ])('shape: %s tells what its way of shaping has to tell', async (name, told) =>
    expect(await allWords(<ShapeBench {...bench(recipe(name))} />)).toMatch(told),
  );
  it('shape: a slab says how to score it', async () =>
    expect(await allWords(<ShapeBench {...batons} />)).toMatch(/Score it so that every piece is 15\.1 × 73 mm/));
  it('a pan on the hob has a lid, under which the middle gets hotter; an oven has none', () => {
    const onTheHob = (lid: boolean): BenchProps & { banded: Prediction } => {
      const document = example('hillbars');
      return bench({ ...document, heat: { appliance: { kind: 'hob-pan', lid }, steps: applianceRecord('hob-pan').firstSteps } });
    };
    const [open, closed] = [onTheHob(false), onTheHob(true)];
    expect(words(<HeatBench {...open} />)).toContain('lid on');
    expect(drawn(<HeatBench {...closed} />)).toMatch(/type="checkbox"[^>]*checked/);
    expect(words(<HeatBench {...hillbars} />)).not.toContain('lid on');
    const [hot, hotter] = [open, closed].map(({ nominal }) => nominal.prediction.heat.core_c_max);
    expect(hotter).toBeGreaterThan(hot);
  });
  it('heat: the minute under the scrub line, what is reached, and the chart in words', () => {
    const html = drawn(<HeatBench {...hillbars} />);
    const text = words(<HeatBench {...hillbars} />);
    expect(text).toMatch(/1 h \d min [\d.]+ mm thick .*water [\d.]+ % wettest [\d.]+ % middle \d+ °C air \d+ °C/);
    expect(text).toMatch(/dial 110 °C · fan 100 °C · gas 1\/4/);
    expect(text).toMatch(/middle 74 °C at \d+ min \d+ min – \d+ min/);
    expect(html).toContain('aria-valuetext="175 °C for 26 minutes"');
    // Three corners and the turn.
    expect(html.match(/role="slider"/g)).toHaveLength(4);
  });
  it('heat: draws the bands, names what they come from, and how other pieces end', () => {
    expect(drawn(<HeatBench {...hillbars} />)).toContain('data-bands');
    const text = words(<HeatBench {...hillbars} />);
    expect(text).toMatch(/Most of what is unsure \(\d+ %\) is [a-z ']+: .*shrinks to \d+ % of its width/);
    expect(text).toMatch(/thickest of ten: middle [a-z\d. ]+% , Snap [\d.]+/);
    expect(text).toMatch(/worst aired tray: middle/);
    const old = words(<HeatBench {...hillbars} bandIsOld />);
    expect(old).not.toContain('Most of what is unsure');
  });
  it('heat: raw meat is told what it calls for and gets', () => {
    const text = words(<HeatBench {...bench(recipe('lamb-liver-strips'))} />);
    expect(text).toMatch(
      /Raw lamb liver: cooked while it is wet: the middle is at 71 °C after \d+ min, over 20 of 6.5 log steps credited/,
    );
    expect(text).toContain('into the dehydrator');
    expect(text).toContain('rotate trays');
    expect(words(<HeatBench {...bench(recipe('squash-millet-fingers'))} />)).not.toContain('log steps credited');
  });
  it('heat: a cake is asked for its pick, a freeze dryer for its ice', () => {
    expect(words(<HeatBench {...bench(recipe('gotcha-day-cake'))} />)).toMatch(/pick clean at \d+ min/);
    const cubes = words(<HeatBench {...bench(recipe('freeze-dried-salmon-cubes'))} />);
    expect(cubes).toMatch(/frozen through at .* ice gone at/);
    expect(cubes).toContain('under vacuum, 1080 min');
  });
  it('heat: two programmes side by side, in numbers and with dashes', () => {
    const [a, b] = [bench(recipe('pear-moons')), hillbars].map(({ nominal }) => nominal.prediction);
    const compared = { name: 'Hillbars', prediction: b, timeline: b.heat.timeline, steps: [], document: recipe('pear-moons') };
    const text = words(<CompareStrip now={a} compared={compared} onClose={() => undefined} />);
    expect(text).toMatch(/as it is now 8 h .* - - Hillbars 2 h 11 min/);
  });
  it('heat: found programmes say what they cost, the others what stood in the way', () => {
    const PRICES = new Map([['flour_spelt_whole', { pack_g: 1000, price: 2.6 }]]);
    const target = { snap_min: 7, keeps_days_min: 30, finish_within_minutes: 120 };
    const found = findProgrammes(
      { ...hillbars.document, target },
      { pantry: PANTRY, prices: { currency: 'GBP', prices: PRICES, energy_per_kwh: 0.3 } },
    );
    if (!found.ok) throw new Error(found.message);
    const table = words(
      <FoundTable
        candidates={found.value.candidates}
        costReport={({ heat, prediction }) =>
          costReport({ ...hillbars.document, heat }, prediction, { energy_per_kwh: 0.3, wage_per_hour: 12 })
        }
        onTake={() => undefined}
      />,
    );
    expect(table).toMatch(/One bake \d+ °C .* kWh £\d\.\d\d .*Take it/);
    expect(table).toMatch(/\d+ of 100/);
    expect(table).toMatch(/is the cheapest\. .* costs £\d\.\d\d more per 100 g, mostly for its (energy|work)/);
    const failed = words(<FailedList failed={found.value.failed} />);
    expect(failed).toContain('Bake, then the dryer: no dryer may be used');
    expect(drawn(<FoundOverlay candidates={found.value.candidates} />).match(/stroke-water/g)).toHaveLength(
      found.value.candidates.length,
    );
  });
  it('cool: how long, what then, and what a tray should weigh', () => {
    const text = words(<CoolBench {...hillbars} />);
    expect(text).toMatch(/On the rack \d+ min/);
    expect(text).toMatch(/should weigh \d+ g now/);
  });
  it('the feel gauge reads out its number and band', () =>
    expect(drawn(<FeelGauge index={0.9} low={0.8} high={1} crumbleEdge={0.5} />)).toContain(
      'Feel of the dough: 0.90, between 0.80 and 1.00',
    ));
});

describe('cautions', () => {
  const caution = { code: 'x', severity: 'stop', step: 'mix', message: 'Not for dogs. Take it out.' } as const;
  it('say their word as well as showing shape and colour', () => {
    expect(words(<CautionLine caution={caution} />)).toContain('Stop Not for dogs.');
    expect(drawn(<CautionLine caution={caution} />)).toContain('fill-stop');
  });
  it('stand only at their own step', () => {
    expect(words(<CautionsOf cautions={[caution]} steps={['mix']} />)).toContain('Not for dogs');
    expect(words(<CautionsOf cautions={[caution]} steps={['heat']} />)).toBe('');
  });
});

describe('recipes and log', () => {
  it('the composition bar reads out all its parts', () => {
    const shares = { water: 50, starch: 25, protein: 11, fat: 4, sugars: 2, fibre: 6, ash: 2 };
    expect(drawn(<CompositionBar shares={shares} />)).toContain('The dough: water 50 %, starch 25 %, protein 11 %');
  });
  const forecast = {
    pieces: 120,
    pieces_low: 110,
    pieces_high: 130,
    minutes: 90,
    mass_loss_pct: 41,
    moisture_pct: 4,
    moisture_pct_low: 2,
    moisture_pct_high: 12,
    dough_water_pct: 43,
    snap: 9.5,
    snap_low: 4,
    snap_high: 10,
    texture: 'snaps clean',
    keeps_days: 60,
    keeps_low: 20,
    keeps_high: 90,
    keeps_in: 'clip-jar · room',
    keeps_limit: 'softening',
  };
  const beside = (
    measured: number,
    likely: number,
  ): { measured: number; likely: number; low: number; high: number; inside: boolean } => ({
    measured,
    likely,
    low: likely - 5,
    high: likely + 5,
    inside: Math.abs(measured - likely) <= 5,
  });
  const entry = (name: string, loss: number | null) => ({
    id: name,
    name,
    baked_on: loss === null ? null : '2026-11-14',
    changed_at: '2026-11-20T10:00:00Z',
    recipe: 'Beet bars',
    oven: 'Big oven',
    measured: null,
    forecast,
    comparison:
      loss === null
        ? null
        : {
            pieces: beside(118, 120),
            loss_pct: beside(loss, 41),
            moisture_pct: beside(5, 4),
            texture: { measured: 'snaps clean', predicted: 'snaps clean', same: true },
          },
  });
  const log = (entries: readonly LogEntryView[]): LogView => ({
    entries,
    wishes: { words: '', recipe: '', oven: '', state: 'all' },
    total: entries.length,
    goesOn: false,
    next: null,
    tally: { batches: entries.length, weighed: 2, inside: 1, counted: 2, pieces_inside: 2, shift_pct: -6.5 },
    recipes: [],
    ovens: [],
  });
  it('says how many there are and leads on where a page does not hold them all', () => {
    const text = words(<LogBook {...log([entry('Bars', 39)])} total={20_913} next="2026-11-20 10:00:00+00~x" />);
    expect(text).toContain('1 of 20913 batches on this page');
    expect(text).toContain('Earlier ones');
    expect(text).not.toContain('To the newest');
  });
  it('tells planned from baked, inside from outside, and a shift that repeats', () => {
    const text = words(<LogBook {...log([entry('Planned bars', null), entry('Bars', 39), entry('Wet bars', 30)])} />);
    expect(text).toContain('planned · changed 20 Nov 2026');
    expect(text).toContain('baked 14 Nov 2026');
    expect(text).toContain(
      'Forecasts inside their band, which promises 8 of 10: weight lost 1 of 2, pieces 2 of 2. On average batches lost 6.5 points less water',
    );
    expect(text).toMatch(/39\.0 % inside/);
    expect(text).toMatch(/30\.0 % outside/);
  });
  it('an empty log says how to fill it', () => expect(words(<LogBook {...log([])} />)).toContain('Start a batch from Recipes'));
  const UNSEEN = { minutes: null, thickness_mm: 6.5, colour: 'brown', dogs: [{ dog: 'Tarn', verdict: 'wolfed it' }] };
  const offered = {
    textures: ['snaps clean', 'hard'],
    colours: ['pale', 'brown'],
    verdicts: ['wolfed it', 'left it'],
    dogs: ['Tarn'],
    portions: ['Bones', 'Minis'],
  };
  const kept = { hasPhoto: false, isStored: true };
  it('an entry shows predicted and measured side by side, and its form with what was typed', () => {
    const measured = {
      pieces: 118,
      tray_g: 640,
      before_g: 1100,
      after_g: 880,
      texture: 'snaps clean',
      note: 'Good ones',
      portions: [],
      ...UNSEEN,
    };
    const html = drawn(<LogEntry {...entry('Bars', 39)} measured={measured} revision={2} {...offered} {...kept} />);
    expect(html).toContain('value="1100"');
    expect(html).toContain('Good ones');
    expect(html).toContain('Minis counted');
    expect(html).not.toContain('Pieces counted');
    expect(html).toContain('Correct the entry');
    expect(html).toMatch(/<button[^>]*aria-haspopup="listbox"[^>]*>wolfed it/);
    expect(html).toMatch(/value="brown"[^>]*checked|checked=""[^>]*value="brown"/);
    expect(words(<LogEntry {...entry('New', null)} measured={null} revision={0} {...offered} {...kept} />)).toContain(
      'The forecast is fixed when you enter the weights',
    );
  });
});
