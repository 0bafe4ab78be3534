/** Pages of what a batch is worth, drawn once: they say in words what was worked out. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { addBand } from '@/core/bands';
import { predict } from '@/core/prediction';
import { type BatchDocument } from '@/core/document';
import { Afterwards } from '@/ui/batch/keep/Afterwards';
import { DogChips } from '@/ui/dogs/DogChips';
import { RunSheet } from '@/ui/sheet/RunSheet';
import { feedingVerdict, type DogProfile } from '@/core/feeding';
import { feedingInput } from '@/core/outcomes';
import { PANTRY } from '../reference/shipped';
import { words } from './drawn';

function batch(file: string, change: Partial<BatchDocument> = {}) {
  const document = { ...(JSON.parse(readFileSync(`data/recipes/${file}.batch.json`, 'utf8')) as BatchDocument), ...change };
  const worked = predict(document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(worked.message);
  return { document, worked: worked.value, prediction: addBand(worked.value, 20) };
}
const sheet = (file: string): string => {
  const { document, worked, prediction } = batch(file);
  const rows = worked.lines.map(({ ingredient }) => ingredient);
  return words(<RunSheet id="b" kitchen="Cairnhope" name="Saturday" baked_on="2026-11-21" {...{ document, prediction, rows }} />);
};

describe('the run sheet', () => {
  it('goes from the scale to the jar, with the clock of the programme', () => {
    const text = sheet('parsnip-buckwheat-snaps');
    expect(text).toMatch(/Weigh .* Mix .* Shape .* Heat .* Cool and pack .* Feed/);
    expect(text).toContain('baked 21 Nov 2026');
    expect(text).toMatch(/start 1\d\d °C for/);
    expect(text).toContain('Ask your vet');
  });
  it('puts each caution where it matters', () => {
    const text = sheet('lamb-liver-squares');
    expect(text.indexOf('Rich in vitamin A')).toBeGreaterThan(text.indexOf('Feed'));
  });
});

describe('afterwards', () => {
  it('crisp treats come back in the oven; moist ones go back into the fridge', () => {
    const crisp = batch('parsnip-buckwheat-snaps', { pack: [{ option: 'foil-pouch', store: 'room' }] }).prediction;
    expect(words(<Afterwards prediction={crisp} index={0} />)).toMatch(/Once open .* Gone soft 10 to 15 minutes at 120 °C/);
    const moist = batch('turkey-courgette-muffins', { pack: [{ option: 'zip-bag', store: 'freezer' }] }).prediction;
    expect(words(<Afterwards prediction={moist} index={0} />)).toMatch(
      /Out of the freezer closed, in the fridge; there up to 3 days, .* Left out/,
    );
  });
});

describe('dogs as chips', () => {
  it('count for those that may, and say why for those that may not', () => {
    const { worked, prediction } = batch('turkey-courgette-mat-bits');
    const { dogs } = JSON.parse(readFileSync('data/demo-kitchen.json', 'utf8')) as { dogs: DogProfile[] };
    const verdicts = dogs.map((dog) =>
      feedingVerdict(feedingInput(prediction, worked.lines), { ...dog, avoids: dog.name === 'Pip' ? ['turkey'] : [] }),
    );
    const text = words(<DogChips verdicts={verdicts} nameOf={(id) => PANTRY.get(id)?.name ?? id} />);
    expect(text).toMatch(/Tarn \d+ : (yes|a few), up to \d+ a day/);
    expect(text).toMatch(/✕ Pip : no. Reacts to turkey, in turkey/);
  });
});
