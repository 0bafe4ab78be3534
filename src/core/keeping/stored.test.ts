/** Packs in the store room: dates that follow them from place to place. */
import { describe, expect, it } from 'vitest';
import { freshlyPacked, goodUntil, movedTo, openedOn, type Stored } from './stored';

const JAR = { days_low: 40, days: 60, limit: 'softening' };
const FREEZER = { days_low: 120, days: 200, limit: 'freezer-quality' };
const jar = freshlyPacked('clip-jar', 'room', JAR, '2026-11-01');
const DRY = { soft: false, meat: false };
function moved(...args: Parameters<typeof movedTo>): Stored {
  const to = movedTo(...args);
  if (!to.ok) throw new Error(to.message);
  return to.value;
}

describe('a pack in the store room', () => {
  it('is good until its low end, and likely longer', () =>
    expect(goodUntil(jar)).toEqual({ use_by: '2026-12-11', likely_until: '2026-12-31' }));
  it('keeps what it used of its life when it is frozen, and goes on from there when it is thawed', () => {
    const frozen = moved(jar, '2026-11-21', { option: 'clip-jar', store: 'freezer', life: FREEZER }, DRY);
    expect(frozen.used_low).toBeCloseTo(0.5, 9);
    expect(goodUntil(frozen).use_by).toBe('2027-01-20');
    const back = moved(frozen, '2026-12-21', { option: 'clip-jar', store: 'room', life: JAR }, DRY);
    expect(back.used_low).toBeCloseTo(0.5 + 30 / 120, 9);
    expect(goodUntil(back).use_by).toBe('2026-12-31');
    expect(back.thawed).toBe(true);
  });
  it('never gets better than fresh by moving there and back on one day', () => {
    const there = moved(jar, '2026-11-11', { option: 'zip-bag', store: 'room', life: { ...JAR, days_low: 20, days: 30 } }, DRY);
    const back = moved(there, '2026-11-11', { option: 'clip-jar', store: 'room', life: JAR }, DRY);
    expect(goodUntil(back)).toEqual(goodUntil(jar));
  });
  it('opened, keeps no longer than an opened one; a jar that is opened all the time minds nothing', () => {
    expect(goodUntil(openedOn(jar, '2026-11-05', 10)).use_by).toBe('2026-11-15');
    expect(goodUntil(openedOn(jar, '2026-11-05', null))).toEqual(goodUntil(jar));
    const late = openedOn(jar, '2026-12-10', 10);
    expect(goodUntil(late).use_by).toBe('2026-12-11');
    expect(openedOn(late, '2027-01-01', 10)).toBe(late);
  });
  it('soft or meaty ones keep days once thawed, none at room heat, and are not frozen twice', () => {
    const frozen = freshlyPacked('zip-bag', 'freezer', FREEZER, '2026-11-01');
    const fridge = { option: 'zip-bag', store: 'fridge', life: { days_low: 9, days: 12, limit: 'microbial' } } as const;
    const meat = moved(frozen, '2026-11-20', fridge, { soft: true, meat: true });
    expect(goodUntil(meat).use_by).toBe('2026-11-23');
    expect(goodUntil(moved(frozen, '2026-11-20', fridge, { soft: true, meat: false })).use_by).toBe('2026-11-24');
    const room = moved(frozen, '2026-11-20', { ...fridge, store: 'room' }, { soft: true, meat: false });
    expect(goodUntil(room).use_by).toBe('2026-11-20');
    expect(
      movedTo(meat, '2026-11-21', { option: 'zip-bag', store: 'freezer', life: FREEZER }, { soft: true, meat: true }),
    ).toMatchObject({
      ok: false,
      code: 'STOPPED',
    });
  });
  it('of which nothing was promised is past its day at once', () => {
    const none = freshlyPacked('clip-jar', 'room', { days_low: 0, days: 9, limit: 'mould' }, '2026-11-01');
    expect(goodUntil(none)).toEqual({ use_by: '2026-11-01', likely_until: '2026-11-10' });
    expect(moved(none, '2026-11-05', { option: 'clip-jar', store: 'freezer', life: FREEZER }, DRY).used_low).toBe(1);
  });
});
