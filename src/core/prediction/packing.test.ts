/** Packs, portions, labels and money of whole batches: sums must close, and nothing may promise too much. */
import { METRIC_READER } from '../said';
import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { addBand } from '../bands';
import { feedingInput, keepGains, labelFacts, costReport } from '../outcomes';
import fc from 'fast-check';
import { fillPacks } from './fill-packs';
import { predict } from './predict';
import { type BatchDocument } from '../document';
import { type PackChoice } from '../catalogue';
import { feedingVerdict, type DogProfile } from '../feeding';
import { labelText } from '../labelling';
import { PANTRY } from '../../../tests/reference/shipped';

const KITCHEN = {
  pantry: PANTRY,
  prices: { currency: 'GBP', prices: new Map([['flour_spelt_whole', { pack_g: 1000, price: 2.6 }]]), energy_per_kwh: 0.27 },
};
const read = (file: string): BatchDocument => JSON.parse(readFileSync(file, 'utf8')) as BatchDocument;
const HILLBARS = read('examples/hillbars.batch.json');
const worked = (document: BatchDocument) => {
  const answer = predict(document, KITCHEN);
  if (!answer.ok) throw new Error(answer.message);
  return answer.value;
};
const keepsWith = (...pack: PackChoice[]) => worked({ ...HILLBARS, pack }).prediction;

describe('portions', () => {
  it('every piece is packed once: full packs and what is left over', () => {
    const { keeps, yield: out } = keepsWith({ option: 'zip-bag', pieces: 40 });
    expect(keeps[0].pieces_per_pack).toBe(40);
    expect(keeps[0].packs).toBe(Math.ceil(out.pieces / 40));
    expect(keeps[0].left_over).toBe(out.pieces % 40);
  });
  it('counted packs are filled first, the first of the others takes the rest, and nothing is left for the last', () => {
    const gift: PackChoice = { option: 'metal-pouch', pieces: 12, packs: 4 };
    const { keeps, yield: out } = keepsWith(gift, { option: 'zip-bag', pieces: 30 }, { option: 'tin', pieces: 50 });
    expect(keeps[0]).toMatchObject({ packs: 4, pieces_per_pack: 12, left_over: 0 });
    const rest = out.pieces - 48;
    expect(Math.floor(rest / 30) * 30 + keeps[1].left_over).toBe(rest);
    expect(keeps.map(({ pieces }) => pieces)).toEqual([48, rest, 0]);
    // It is still told what it would hold, and for how long.
    expect(keeps[2]).toMatchObject({ packs: 0, left_over: 0, pieces_per_pack: 50 });
    expect(keeps[2].days).toBeGreaterThan(0);
  });
  it('more counted packs than there are pieces for stay empty; the pieces in all of them are always the batch', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            pieces: fc.integer({ min: 1, max: 90 }),
            packs: fc.option(fc.integer({ min: 0, max: 9 }), { nil: undefined }),
          }),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        fc.integer({ min: 1, max: 400 }),
        (rows, pieces) => {
          const choices = rows.map(({ packs, ...row }): PackChoice => ({
            option: 'zip-bag',
            volume_ml: 5000,
            ...row,
            ...(packs === undefined ? {} : { packs }),
          }));
          const filled = fillPacks(choices, { pieces, volume_ml: 10 });
          const sum = filled.reduce((total, one) => total + one.pieces, 0);
          expect(sum).toBe(pieces);
          for (const one of filled)
            expect(one.pieces).toBe(
              one.left_over === 0 ? one.packs * one.pieces_per_pack : (one.packs - 1) * one.pieces_per_pack + one.left_over,
            );
        },
      ),
      { seed: 5 },
    );
  });
  it('no pack holds more than it can, and says how far it could still be filled', () => {
    const [small] = keepsWith({ option: 'metal-pouch', volume_ml: 100, pieces: 5000 }).keeps;
    expect(small.pieces_per_pack).toBeLessThan(60);
    expect(small.headspace_pct).toBeLessThan(15);
    const [half] = keepsWith({ option: 'metal-pouch', volume_ml: 100, pieces: Math.ceil(small.pieces_per_pack / 2) }).keeps;
    expect(half.headspace_pct).toBeGreaterThan(35);
  });
  it('fewer openings never keep shorter; an own leaky closure never longer', () => {
    const [daily] = keepsWith({ option: 'zip-bag', openings_per_day: 6 }).keeps;
    const [never] = keepsWith({ option: 'zip-bag', openings_per_day: 0 }).keeps;
    expect(never.days).toBeGreaterThanOrEqual(daily.days);
    const [leaky] = keepsWith({ option: 'clip-jar', own: { closure: 'folded' } }).keeps;
    expect(leaky.days).toBeLessThanOrEqual(keepsWith({ option: 'clip-jar' }).keeps[0].days);
  });
  it('what was sealed has days once it is open, and the absorber is bought by size', () => {
    const [foil, jar] = keepsWith({ option: 'foil-pouch-absorber', pieces: 40 }, { option: 'clip-jar' }).keeps;
    expect(foil.opened_days).toBeGreaterThan(0);
    expect(foil.absorber_cc).toBeGreaterThanOrEqual(20);
    expect(jar).toMatchObject({ opened_days: null, absorber_cc: null });
  });
});

describe('what would buy the most', () => {
  const moist: BatchDocument = {
    ...HILLBARS,
    heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 24 }] },
    pack: [{ option: 'zip-bag' }],
  };
  const gains = keepGains(moist, KITCHEN, 0);
  it('ten more minutes are predicted anew', () => {
    const longer = gains.find(({ step }) => step === 'heat-longer');
    const after = worked({ ...moist, heat: { steps: [{ do: 'hold', setpoint_c: 170, minutes: 34 }] } });
    expect(longer?.gain_days).toBeGreaterThan(0);
    expect(longer?.days).toBe(after.prediction.keeps[0].days);
  });
  it('each gain is over the days now, the most first', () => {
    const now = worked(moist).prediction.keeps[0].days;
    for (const { days, gain_days } of gains) expect(gain_days).toBe(days - now);
    expect(gains.map(({ gain_days }) => gain_days)).toEqual([...gains.map(({ gain_days }) => gain_days)].sort((a, b) => b - a));
  });
});

describe('a label', () => {
  const banded = addBand(worked(HILLBARS), 40);
  const { lines } = worked(HILLBARS);
  const facts = labelFacts(HILLBARS, banded, lines, { name: 'Cairnhope Bothy Bakery', baked_on: '2026-11-24' });
  it('dates from the low end, and weighs from the dry end', () => {
    const low = banded.keeps[0].days_low;
    if (facts.bestBefore === null) expect(low).toBeLessThan(1);
    else expect((Date.parse(facts.bestBefore) - Date.parse('2026-11-24')) / 86_400_000).toBeLessThanOrEqual(low);
    expect(facts.net_g).toBeLessThan(banded.keeps[0].net_g);
    expect(facts.net_g).toBeGreaterThan(0.8 * banded.keeps[0].net_g);
    expect(facts.lot).toMatch(/^C26328A-/);
  });
  it('of every demo recipe has ingredients, analysis and allergens, and never calls it safe', () => {
    for (const file of readdirSync('data/recipes')) {
      const one = worked(read(`data/recipes/${file}`));
      const made = labelFacts(read(`data/recipes/${file}`), addBand(one, 10), one.lines, {
        name: 'Cairnhope',
        baked_on: '2026-11-24',
      });
      const text = labelText(made, METRIC_READER);
      expect(text.ingredients.split(', ').length).toBe(
        new Set(one.lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient.id)).size,
      );
      expect(made.net_g).toBeGreaterThan(0);
      const { protein_pct, fat_pct, moisture_pct, ash_pct, crude_fibre_pct, nitrogen_free_pct } = one.prediction.analysis;
      const sum = protein_pct + fat_pct + moisture_pct + ash_pct + crude_fibre_pct + nitrogen_free_pct;
      expect(Math.abs(sum - 100)).toBeLessThan(4);
      expect(JSON.stringify(text)).not.toMatch(/\bsafe\b|NaN|Infinity|undefined/);
    }
  });
});

describe('who may have the demo batches', () => {
  const { dogs } = JSON.parse(readFileSync('data/demo-kitchen.json', 'utf8')) as { dogs: DogProfile[] };
  it('is a real mix of yes, few and no, with a reason for each that is not yes', () => {
    const found = readdirSync('data/recipes').flatMap((file) => {
      const one = worked(read(`data/recipes/${file}`));
      return dogs.map((dog) => feedingVerdict(feedingInput(one.prediction, one.lines), dog));
    });
    for (const may of ['yes', 'few', 'no'] as const)
      expect(found.filter((verdict) => verdict.may === may).length).toBeGreaterThan(found.length / 25);
    for (const { may, reasons, allowance } of found) {
      if (may !== 'yes') expect(reasons.length).toBeGreaterThan(0);
      expect(allowance.pieces).toBeGreaterThanOrEqual(0);
    }
  });
});

describe('what it is worth', () => {
  const costs = { energy_per_kwh: 0.27, wage_per_hour: 13, label_price: 0.04, pack_prices: { 'clip-jar': 1.2 } };
  const { prediction } = worked(HILLBARS);
  it('adds energy of the simulated programme, packs, labels and work', () => {
    const worth = costReport(HILLBARS, prediction, costs);
    expect(worth?.parts.energy).toBeCloseTo(0.27 * prediction.heat.energy_kwh, 9);
    expect(worth?.parts.packs).toBeCloseTo(1.2 * prediction.keeps[0].packs, 9);
    expect(worth?.minutesAreGuessed).toBe(true);
    expect(worth?.missing).toEqual(['ingredients']);
    expect(worth?.per.piece.total).toBeGreaterThan(worth?.per.piece.withoutLabour ?? Infinity);
  });
  it('takes the minutes that were typed, and says what nobody has priced', () => {
    const worth = costReport({ ...HILLBARS, worth: { minutes: 60 } }, prediction, {});
    expect(worth).toMatchObject({ minutesAreGuessed: false, missing: ['ingredients', 'energy', 'packs', 'labour'] });
    expect(worth?.parts.labour).toBe(0);
    expect(costReport(HILLBARS, { ...prediction, cost: null }, costs)).toBeNull();
  });
});
