import { describe, expect, it } from 'vitest';
import { USUAL_LOST_SHARE, batchCost, lostShare, type CostFacts } from '.';

const counted = (...shares: number[]) => shares.map((share) => ({ predicted: 200, counted: 200 * share }));

describe('what a kitchen loses', () => {
  it('is the usual until somebody counts', () =>
    expect(lostShare({ counts: [], packed: 0, discarded: 0 })).toEqual({ share: USUAL_LOST_SHARE, batches: 0 }));
  it('moves towards what was counted, the more batches the further', () => {
    const after = (batches: number): number =>
      lostShare({ counts: counted(...Array<number>(batches).fill(0.9)), packed: 0, discarded: 0 }).share;
    // Three usual ones of 3 % and one of 10 %: 19 % over four.
    expect(after(1)).toBeCloseTo(0.19 / 4, 12);
    expect(after(3)).toBeCloseTo(0.065, 12);
    expect(after(40)).toBeGreaterThan(0.094);
    expect(after(40)).toBeLessThan(0.1);
  });
  it('adds what is thrown away of what was put away', () => {
    const counts = counted(1, 1, 1);
    const { share } = lostShare({ counts, packed: 500, discarded: 50 });
    expect(share).toBeCloseTo((3 * 0.03 + 3 * 0.1) / 6, 12);
    expect(share).toBeGreaterThan(lostShare({ counts, packed: 500, discarded: 0 }).share);
  });
  it('is never below nothing, when more comes out than predicted, nor more than half', () => {
    expect(lostShare({ counts: counted(1.3, 1.3, 1.3), packed: 0, discarded: 0 }).share).toBe(0);
    expect(lostShare({ counts: counted(...Array<number>(50).fill(0.1)), packed: 0, discarded: 0 }).share).toBe(0.5);
  });
  it('makes every piece that is eaten dearer by as much', () => {
    const facts: CostFacts = {
      ingredients: 6,
      energy_kwh: 0,
      energy_per_kwh: 0,
      packs: 2,
      pack_price: 0.25,
      label_price: 0,
      minutes: 0,
      wage_per_hour: 0,
      equipment: 0,
      overhead: 0,
    };
    const made = { pieces: 100, finished_g: 500 };
    const usual = batchCost(facts, made);
    const { share } = lostShare({ counts: counted(0.8, 0.8, 0.8), packed: 0, discarded: 0 });
    const ours = batchCost(facts, made, share);
    expect(ours.total).toBe(usual.total);
    expect(ours.per.piece.total / usual.per.piece.total).toBeCloseTo((1 - USUAL_LOST_SHARE) / (1 - share), 12);
  });
});
