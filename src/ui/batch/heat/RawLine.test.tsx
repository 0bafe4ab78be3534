import { act, cleanup, render, screen } from '@testing-library/react';
import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { BatchDocument, Heat } from '@/core/document';
import { succeed, type Result } from '@/core/failure';
import type { BenchProps } from '../bench-props';
import { RawLine } from './RawLine';

const STRIPS = JSON.parse(readFileSync('data/recipes/lamb-liver-strips.batch.json', 'utf8')) as BatchDocument;
const THINNER: BatchDocument = { ...STRIPS, name: 'thinner' };
const RAW = {
  ingredients: ['lamb-liver'],
  needs_c: 71,
  needs_log10: 6.5,
  reached_minute: null,
  kill_log10: 0,
  kill_step: 'none',
  warm_wet_minutes: 300,
} as const;
const NOT_LIFTED = /does not lift it/;

type Raw = BenchProps['nominal']['prediction']['heat']['raw'];
type Answered = Result<Heat | null> | null;
afterEach(cleanup);

/** The line beside a worker that answers when it is told to. */
function begin(): {
  asked: Array<{ of: BatchDocument; answer: (answer: Answered) => Promise<void> }>;
  set: ReturnType<typeof vi.fn>;
  show: (document: BatchDocument, raw?: Raw) => void;
} {
  const asked: ReturnType<typeof begin>['asked'] = [];
  const set = vi.fn();
  const heatedThrough = (of: BatchDocument): Promise<Answered> =>
    new Promise((done) => asked.push({ of, answer: (answer) => act(() => Promise.resolve(done(answer))) }));
  const rest = { edits: { set }, questions: { heatedThrough }, pantry: new Map(), appliances: [] };
  const line = (document: BatchDocument, raw: Raw = RAW) => (
    <RawLine {...(rest as unknown as BenchProps)} document={document} raw={raw} />
  );
  const { rerender } = render(line(STRIPS));
  act(() => screen.getByRole('button', { name: 'Heat it through first' }).click());
  return { asked, set, show: (document, raw) => rerender(line(document, raw)) };
}

describe('the line about raw food', () => {
  it('heats through what it found a way for', async () => {
    const { asked, set } = begin();
    await asked[0].answer(succeed(STRIPS.heat));
    expect(set).toHaveBeenCalledExactlyOnceWith(['heat'], STRIPS.heat);
  });
  it('says that no heat lifts it, until the batch is another one', async () => {
    const { asked, set, show } = begin();
    await asked[0].answer(succeed(null));
    expect(screen.getByText(NOT_LIFTED)).toBeDefined();
    show(THINNER);
    expect(screen.queryByText(NOT_LIFTED)).toBeNull();
    expect(set).not.toHaveBeenCalled();
  });
  it('asks anew for what was changed while it looked, and leaves that as it is until then', async () => {
    const { asked, set, show } = begin();
    show(THINNER);
    await asked[0].answer(succeed(STRIPS.heat));
    expect(set).not.toHaveBeenCalled();
    expect(asked.map(({ of }) => of)).toEqual([STRIPS, THINNER]);
    await asked[1].answer(succeed(null));
    expect(screen.getByText(NOT_LIFTED)).toBeDefined();
  });
  it('says nothing of a search where what was changed while it looked lifts it already', async () => {
    const { asked, show } = begin();
    show(THINNER, { ...RAW, reached_minute: 8, kill_log10: 9, kill_step: 'while-wet' });
    await asked[1].answer(succeed(null));
    expect(screen.getByText(/cooked while it is wet/)).toBeDefined();
    expect(screen.queryByText(NOT_LIFTED)).toBeNull();
  });
});
