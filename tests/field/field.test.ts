/**
 * What kitchens find, written down before the model was asked (git shows it). A miss is listed in misses.ts with its reason;
 * nothing is edited into a hit, and a listed miss that is met is taken off the list.
 */
import { describe, expect, it } from 'vitest';
import { addBand } from '@/core/bands';
import { predict, type Prediction } from '@/core/prediction';
import { PANTRY } from '../reference/shipped';
import { BISCUITS } from './biscuits';
import { DRIED } from './dried';
import { MISSES } from './misses';
import { isMet } from './scene';
import { SOFT_ONES } from './soft';

const SCENES = [...BISCUITS, ...SOFT_ONES, ...DRIED];
/** Draws of a band: enough for its ends to be told. */
const DRAWS = 40;

function predicted(scene: (typeof SCENES)[number]): Prediction {
  const worked = predict(scene.document, { pantry: PANTRY });
  if (!worked.ok) throw new Error(`${scene.id}: ${worked.message} (${worked.path})`);
  return addBand(worked.value, DRAWS);
}

describe.each(SCENES)('$id', (scene) => {
  it('comes out as kitchens find it, but for the misses that are listed', () => {
    const prediction = predicted(scene);
    const missed = scene.expects.filter((expectation) => !isMet(expectation, prediction)).map(({ what }) => what);
    const listed = Object.keys(MISSES[scene.id] ?? {});
    const read = scene.expects.map(({ what, read: of, range }) => `${what}: ${of(prediction)}, wanted ${range.join(' to ')}`);
    expect(missed, read.join('; ')).toEqual(listed);
  });
});

describe('the field set', () => {
  it('lists misses of scenes and readings that there are, each with a reason', () => {
    for (const [id, misses] of Object.entries(MISSES)) {
      const scene = SCENES.find((one) => one.id === id) ?? expect.fail(`no scene ${id}`);
      for (const [what, reason] of Object.entries(misses)) {
        expect(
          scene.expects.some((one) => one.what === what),
          `${id}: ${what}`,
        ).toBe(true);
        expect(reason.length).toBeGreaterThan(10);
      }
    }
  });
  it('has at least eighty readings over the ways of making', () => {
    expect(SCENES.flatMap(({ expects }) => expects).length).toBeGreaterThanOrEqual(80);
    expect(new Set(SCENES.map(({ method }) => method)).size).toBeGreaterThanOrEqual(15);
  });
});
