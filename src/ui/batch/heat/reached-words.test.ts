import { describe, expect, it } from 'vitest';
import { chipWords, type ReachedMoment } from './reached-words';

const dry = (more: Partial<ReachedMoment>): ReachedMoment => ({
  what: 'heart-dry',
  minute: null,
  minute_low: null,
  minute_high: null,
  share: null,
  ...more,
});
const said = (...[moment, isExpected, band]: Parameters<typeof chipWords>): string | null => {
  const chip = chipWords(moment, isExpected, band);
  return chip && [chip.words, chip.at, chip.sure].filter(Boolean).join(' ');
};

describe('a chip', () => {
  it('says when, and between when, what four in five reach', () => {
    const band = dry({ minute: 130, minute_low: 110, minute_high: 150, share: 0.97 });
    expect(said(dry({ minute: 130 }), true, null)).toBe('middle dry at 2 h 10 min');
    expect(said(dry({ minute: 130 }), true, band)).toBe('middle dry at 2 h 10 min 1 h 50 min – 2 h 30 min');
  });
  it('counts those that miss it, not those that reach it', () => {
    const band = dry({ minute: 130, minute_low: 110, share: 0.7 });
    expect(said(dry({ minute: 130 }), true, band)).toBe(
      'middle dry at 2 h 10 min from 1 h 50 min; middle stays damp in 30 of 100',
    );
    // The likely batch stays damp; three in ten do not.
    expect(said(dry({}), true, dry({ minute_low: 170, share: 0.3 }))).toBe('middle stays damp in 70 of 100');
    expect(said(dry({}), true, dry({ share: 0.02 }))).toBe('middle stays damp');
  });
  it('counts those that turn too dark, and is silent where hardly any do', () => {
    const dark = { what: 'too-dark' } as const;
    expect(said(dry(dark), false, dry({ ...dark, share: 0.22 }))).toBe('may be too dark in 22 of 100');
    expect(said(dry(dark), false, dry({ ...dark, share: 0.05 }))).toBeNull();
    expect(said(dry({ ...dark, minute: 60 }), false, dry({ ...dark, minute: 60, minute_low: 50, share: 0.6 }))).toBe(
      'too dark from 1 h from 50 min, in 60 of 100',
    );
  });
});
