import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BatchDocument } from '@/core/document';
import { mergeFields } from './merge-fields';
import { unsavedWords } from './unsaved-words';
import { Saver, type DraftStore, type SaverWiring, type SavingState, type SendOutcome } from './saver';

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
function saverOf(
  outcomes: readonly SendOutcome<BatchDocument>[],
  more: Partial<SaverWiring<BatchDocument>> = {},
): { saver: Saver<BatchDocument>; sent: Sent[]; states: SavingState[]; kept: ReturnType<typeof shelf> } {
  const sent: Sent[] = [];
  const states: SavingState[] = [];
  const kept = shelf();
  const saver = new Saver<BatchDocument>({
    key: 'batch:b1',
    first: version(4, FIRST),
    shelf: kept,
    send: (revision, document) => {
      sent.push({ revision, document });
      return Promise.resolve(outcomes[sent.length - 1] ?? { kind: 'refused', why: 'no more answers', again: false });
    },
    tell: (state) => states.push(state),
    ...more,
  });
  return { saver, sent, states, kept };
}
const saverWith = (...outcomes: SendOutcome<BatchDocument>[]): ReturnType<typeof saverOf> => saverOf(outcomes);
const saved = (revision: number): SendOutcome<BatchDocument> => ({ kind: 'saved', revision, saved_at: 'now' });

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
    expect(states.at(-1)).toEqual({ kind: 'unsaved', why: 'away', here: true });
    expect(saver.atRisk).toBe(false);
    expect(saverOf([], { shelf: kept }).saver.keptChanges()).toEqual(named('kept'));
    await vi.advanceTimersByTimeAsync(6000);
    expect(sent).toHaveLength(2);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
  });
  it('loses no edit where the browser has no room: sends at once, and never says that it is kept', async () => {
    const full = { ...shelf(), setItem: () => expect.fail('full') };
    const { saver, sent, states } = saverOf([{ kind: 'refused', why: 'away', again: true }, saved(5)], { shelf: full });
    saver.change(named('one'));
    expect(states.at(-1)).toEqual({ kind: 'waiting', here: false });
    await vi.advanceTimersByTimeAsync(1);
    expect(sent).toHaveLength(1);
    expect(states.at(-1)).toEqual({ kind: 'unsaved', why: 'away', here: false });
    expect(saver.atRisk).toBe(true);
    await vi.advanceTimersByTimeAsync(6000);
    expect(sent.at(-1)).toEqual({ revision: 4, document: named('one') });
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
    expect(saver.atRisk).toBe(false);
  });
  it('leaves no older draft behind that could be taken for the newest one', () => {
    const items = shelf();
    let room = true;
    const filling: DraftStore = { ...items, setItem: (key, value) => (room ? items.setItem(key, value) : expect.fail('full')) };
    const { saver } = saverOf([], { shelf: filling });
    saver.change(named('one'));
    expect(items.size()).toBe(1);
    room = false;
    saver.change(named('two'));
    saver.leave();
    expect(items.size()).toBe(0);
    expect(saver.atRisk).toBe(true);
  });
  it('writes to the browser a few times while a hand moves, and at once when the page is left', async () => {
    const items = shelf();
    let writes = 0;
    const { saver } = saverOf([], { shelf: { ...items, setItem: (key, value) => (writes++, items.setItem(key, value)) } });
    for (let frame = 0; frame < 60; frame++) {
      saver.change(named(`frame ${frame}`));
      await vi.advanceTimersByTimeAsync(16);
    }
    expect(writes).toBeGreaterThan(1);
    expect(writes).toBeLessThan(6);
    saver.change(named('the last'));
    saver.leave();
    expect(saverOf([], { shelf: items }).saver.keptChanges()).toEqual(named('the last'));
    const before = writes;
    saver.leave();
    await vi.advanceTimersByTimeAsync(1000);
    expect(writes).toBe(before);
  });
  it('goes on where a request could not even be made', async () => {
    let asked = 0;
    const { saver, states } = saverOf([], {
      send: () => (++asked === 1 ? Promise.reject(new Error('torn')) : Promise.resolve(saved(5))),
    });
    saver.change(named('one'));
    await vi.advanceTimersByTimeAsync(1500);
    expect(states.at(-1)).toMatchObject({ kind: 'unsaved', here: true });
    await vi.advanceTimersByTimeAsync(6000);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
  });
  it('says of what is not saved what becomes of it if one leaves', () => {
    expect(unsavedWords({ kind: 'unsaved', why: 'Away.', here: true })).toBe('Away. This browser keeps it meanwhile.');
    expect(unsavedWords({ kind: 'unsaved', why: 'Away.', here: false })).toContain('stay on this page');
  });
  it('does not bring back kept changes over a newer revision', () => {
    const { kept } = saverWith();
    kept.setItem('upbeat-oven:batch:b1', JSON.stringify({ revision: 3, document: named('old') }));
    expect(saverOf([], { shelf: kept }).saver.keptChanges()).toBeNull();
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

describe('a line on which answers are lost', () => {
  const lost: SendOutcome<BatchDocument> = { kind: 'refused', why: 'away', again: true };
  /** As the database gives it back: the same in another order. */
  const reordered = (document: BatchDocument): BatchDocument =>
    Object.fromEntries(Object.entries(document).reverse()) as BatchDocument;
  it('is no other hand: what stands there is one’s own, and is gone on from', async () => {
    const { saver, sent, states } = saverOf([lost, { kind: 'stale', theirs: version(5, reordered(named('one'))) }, saved(6)], {
      merge: mergeFields,
    });
    saver.change(named('one'));
    await vi.advanceTimersByTimeAsync(1500);
    saver.change(named('two'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect(sent.map(({ revision, document }) => [revision, document.name])).toEqual([
      [4, 'one'],
      [4, 'two'],
      [5, 'two'],
    ]);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
  });
  it('has nothing to save again where one’s own last is what stands there', async () => {
    const { saver, sent, states, kept } = saverWith(lost, { kind: 'stale', theirs: version(5, reordered(named('one'))) });
    saver.change(named('one'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect(sent).toHaveLength(2);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'then' });
    expect(kept.size()).toBe(0);
  });
  it('is remembered by the next visit, whether its page was served before or after the save', async () => {
    const kept = shelf();
    const before = saverOf([], { shelf: kept, send: () => new Promise(() => undefined) });
    before.saver.saveAtOnce(named('one'));
    before.saver.change(named('two'));
    before.saver.leave();
    const after = saverOf([], { shelf: kept, first: version(5, reordered(named('one'))) });
    expect(after.saver.keptChanges()).toEqual(named('two'));
    const early = saverOf([{ kind: 'stale', theirs: version(5, named('one')) }, saved(6)], { shelf: kept });
    expect(early.saver.keptChanges()).toEqual(named('two'));
    early.saver.change(named('three'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect(early.sent.map(({ revision, document }) => [revision, document.name])).toEqual([
      [4, 'three'],
      [5, 'three'],
    ]);
  });
  it('is still another hand where something else stands there', async () => {
    const { saver, states } = saverOf([lost, { kind: 'stale', theirs: version(5, named('theirs')) }]);
    saver.change(named('one'));
    await vi.advanceTimersByTimeAsync(20_000);
    expect(states.at(-1)).toEqual({ kind: 'stale' });
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
    const { saver } = saverOf([saved(5)], { announce: ({ revision }) => told.push(revision) });
    saver.change(named('Mine'));
    await vi.advanceTimersByTimeAsync(2000);
    expect(told).toEqual([5]);
  });
});

describe('leaving the page', () => {
  it('sends what is not saved yet without waiting', async () => {
    const { saver, sent } = saverWith(saved(5));
    saver.change(named('last'));
    await saver.close();
    expect(sent).toEqual([{ revision: 4, document: named('last') }]);
  });
  it('sends nothing when nothing was changed, and asks no more once it was refused', async () => {
    const { saver, sent } = saverWith({ kind: 'refused', why: 'away', again: true });
    await saver.close();
    expect(sent).toEqual([]);
    saver.change(named('last'));
    await saver.close();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(sent).toHaveLength(1);
  });
});

it('has nothing to save once a change was taken back', async () => {
  const { saver, sent, states, kept } = saverWith();
  saver.change(named('a slip'));
  saver.change(FIRST);
  await vi.advanceTimersByTimeAsync(5000);
  expect(sent).toEqual([]);
  expect(states.at(-1)).toEqual({ kind: 'saved', at: 'then' });
  expect(kept.size()).toBe(0);
});

describe('two people who changed different fields', () => {
  it('are made one, shown and saved over the other', async () => {
    const adopted: string[] = [];
    const theirs = version(7, { ...FIRST, target: { keeps_days_min: 60 } });
    const { saver, sent, states } = saverOf([{ kind: 'stale', theirs }, saved(8)], {
      merge: mergeFields,
      adopt: ({ name }) => adopted.push(name ?? ''),
    });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent[1]).toEqual({ revision: 7, document: { ...theirs.document, name: 'mine' } });
    expect(adopted).toEqual(['mine']);
    expect(states.at(-1)).toEqual({ kind: 'saved', at: 'now' });
  });
  it('settle by hand what both changed', async () => {
    const { saver, states } = saverOf([{ kind: 'stale', theirs: version(7, named('theirs')) }], { merge: mergeFields });
    saver.change(named('mine'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(states.at(-1)).toEqual({ kind: 'stale' });
  });
});
