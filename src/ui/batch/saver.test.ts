import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { Saver, type SavingState, type Send, type SendOutcome, type DraftStore } from './saver';

const FIRST = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const named = (name: string): BatchDocument => ({ ...FIRST, name });
const version = (revision: number, document: BatchDocument): { revision: number; document: BatchDocument; saved_at: string } => ({
  revision,
  document,
  saved_at: 'then',
});

function shelf(): DraftStore & { size: () => number } {
  const items = new Map<string, string>();
  return {
    getItem: (key) => items.get(key) ?? null,
    setItem: (key, value) => void items.set(key, value),
    removeItem: (key) => void items.delete(key),
    size: () => items.size,
  };
}

type Sent = { readonly revision: number; readonly document: BatchDocument };

/** A saver over a scripted server. */
function saverWith(...outcomes: SendOutcome[]): {
  saver: Saver;
  sent: Sent[];
  states: SavingState[];
  kept: ReturnType<typeof shelf>;
} {
  const sent: Sent[] = [];
  const states: SavingState[] = [];
  const kept = shelf();
  const send: Send = (_, revision, document) => {
    sent.push({ revision, document });
    return Promise.resolve(outcomes[sent.length - 1] ?? { kind: 'refused', why: 'no more answers', again: false });
  };
  return { saver: new Saver('b1', version(4, FIRST), kept, send, (state) => states.push(state)), sent, states, kept };
}
const saved = (revision: number): SendOutcome => ({ kind: 'saved', revision, saved_at: 'now' });

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('saving by itself', () => {
  it('waits for the hand to rest, then sends the newest once', async () => {
    const { saver, sent, states, kept } = saverWith(saved(5));
    for (let i = 0; i < 10; i++) {
      saver.change(named(`name ${i}`));
      await vi.advanceTimersByTimeAsync(100);
    }
    expect(sent).toEqual([]);
    await vi.advanceTimersByTimeAsync(2000);
    expect(sent).toEqual([{ revision: 4, document: named('name 9') }]);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
    expect(kept.size()).toBe(0);
  });
  it('saves at once what was typed a moment ago, drawn or not, and never says meanwhile that it is saved', async () => {
    const { saver, sent, states } = saverWith(saved(5));
    saver.saveAtOnce(named('just typed'));
    expect(states.at(-1)).toEqual({ kind: 'saving' });
    await vi.advanceTimersByTimeAsync(0);
    expect(sent).toEqual([{ revision: 4, document: named('just typed') }]);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent).toHaveLength(1);
  });
  it('saves over the revision that the last save gave', async () => {
    const { saver, sent } = saverWith(saved(5), saved(6));
    saver.change(named('one'));
    await vi.advanceTimersByTimeAsync(2000);
    saver.change(named('two'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(sent.map(({ revision }) => revision)).toEqual([4, 5]);
  });
  it('keeps unsaved changes for the next visit, and tries again while the server is away', async () => {
    const { saver, sent, states, kept } = saverWith({ kind: 'refused', why: 'away', again: true }, saved(5));
    saver.change(named('kept'));
    await vi.advanceTimersByTimeAsync(1500);
    expect(states.at(-1)).toEqual({ kind: 'kept', why: 'away' });
    const visit = new Saver(
      'b1',
      version(4, FIRST),
      kept,
      () => Promise.resolve(saved(5)),
      () => undefined,
    );
    expect(visit.keptChanges()).toEqual(named('kept'));
    await vi.advanceTimersByTimeAsync(6000);
    expect(sent).toHaveLength(2);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
  });
  it('does not bring back kept changes over a newer revision', () => {
    const { kept } = saverWith();
    kept.setItem('upbeat-oven:batch:b1', JSON.stringify({ revision: 3, document: named('old') }));
    expect(
      new Saver(
        'b1',
        version(4, FIRST),
        kept,
        () => Promise.resolve(saved(5)),
        () => undefined,
      ).keptChanges(),
    ).toBeNull();
  });
  it('does not ask again when the document itself is refused', async () => {
    const { saver, sent } = saverWith({ kind: 'refused', why: 'bad', again: false });
    saver.change(named('bad'));
    await vi.advanceTimersByTimeAsync(60_000);
    expect(sent).toHaveLength(1);
  });
});

describe('two people, one batch', () => {
  const theirs = version(7, named('theirs'));
  it('stops and tells; taking theirs drops mine', async () => {
    const { saver, sent, states, kept } = saverWith({ kind: 'stale', theirs });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(states.at(-1)).toEqual({ kind: 'stale' });
    saver.change(named('mine again'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect(sent).toHaveLength(1);
    expect(saver.takeTheirs()).toEqual(theirs.document);
    expect(kept.size()).toBe(0);
  });
  it('keeping mine saves over the revision that was seen', async () => {
    const { saver, sent } = saverWith({ kind: 'stale', theirs }, saved(8));
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(2000);
    saver.keepMine();
    await vi.advanceTimersByTimeAsync(10);
    expect(sent[1]).toEqual({ revision: 7, document: named('mine') });
  });
});

describe('another window', () => {
  it('that saved is followed, when nothing here is unsaved', () => {
    const { saver, states } = saverWith();
    expect(saver.heard(version(5, named('Theirs')))?.name).toBe('Theirs');
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'then' });
    expect(saver.heard(version(5, named('Again')))).toBeNull();
  });
  it('is a conflict when something here is, and both can still be kept', async () => {
    const { saver, states, sent } = saverWith(saved(6));
    saver.change(named('Mine'));
    expect(saver.heard(version(5, named('Theirs')))).toBeNull();
    expect(states.at(-1)).toEqual({ kind: 'stale' });
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent).toEqual([]);
    saver.keepMine();
    await vi.advanceTimersByTimeAsync(0);
    expect(sent).toEqual([{ revision: 5, document: named('Mine') }]);
  });
  it('is told what was saved here', async () => {
    const told: number[] = [];
    const send: Send = () => Promise.resolve(saved(5));
    const saver = new Saver(
      'b1',
      version(4, FIRST),
      shelf(),
      send,
      () => undefined,
      ({ revision }) => told.push(revision),
    );
    saver.change(named('Mine'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(told).toEqual([5]);
  });
});
