import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { fail } from '@/core/failure';
import type { FirstLook, Nominal } from '@/workers/prediction-protocol';
import { BatchStore } from './batch-store';

const FIRST = JSON.parse(readFileSync('examples/hillbars.batch.json', 'utf8')) as BatchDocument;
const nominal = (name: string): Nominal => ({ prediction: { name } }) as unknown as Nominal;

type Answers = Parameters<Parameters<BatchStore['connect']>[0]>[0];

function storeWith(
  look: FirstLook | null = null,
  later: Promise<FirstLook | null> | null = null,
): {
  store: BatchStore;
  asked: BatchDocument[];
  taken: BatchDocument[];
  /** Whether each taken document is drawn elsewhere. */
  drawn: Array<Promise<boolean>>;
  answers: Answers;
  shown: () => number;
} {
  const asked: BatchDocument[] = [];
  const taken: BatchDocument[] = [];
  const drawn: Array<Promise<boolean>> = [];
  let answers: Answers | null = null;
  const store = new BatchStore(FIRST, () => Date.now(), look, later);
  store.connect((given) => {
    answers = given;
    return {
      ask: (document) => void asked.push(document),
      takeOn: (document, elsewhere) => void (taken.push(document), drawn.push(elsewhere)),
      close: () => undefined,
    };
  });
  let count = 0;
  store.subscribe(() => count++);
  if (!answers) throw new Error('the store did not connect');
  return { store, asked, taken, drawn, answers, shown: () => count };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('a batch that its page was served with', () => {
  it('stands at once, and asks only for its band', () => {
    const { store, asked, taken, answers } = storeWith({ part: null, nominal: nominal('served'), banded: null });
    expect(store.getSnapshot()).toMatchObject({ document: FIRST, nominal: nominal('served'), banded: null });
    expect(asked).toEqual([]);
    expect(taken).toEqual([FIRST]);
    answers.onBanded(taken[0], { ok: true, value: nominal('banded').prediction });
    expect(store.getSnapshot()).toMatchObject({ bandIsOld: false });
    store.set(['name'], 'other');
    expect(asked.map(({ name }) => name)).toEqual(['other']);
  });
  it('looks at the portion it was served with, whose band is its own', () => {
    const part = { ...FIRST, name: 'first portion' };
    const { store, asked, taken, answers } = storeWith({ part, nominal: nominal('served'), banded: null });
    expect(store.getSnapshot().document).toBe(part);
    store.look((all) => ({ ...all, name: 'first portion' }));
    expect(asked).toEqual([]);
    answers.onBanded(taken[0], { ok: true, value: nominal('banded').prediction });
    expect(store.getSnapshot()).toMatchObject({ document: { name: 'first portion' }, bandIsOld: false });
    store.look((all) => ({ ...all, name: 'second portion' }));
    expect(asked.map(({ name }) => name)).toEqual(['second portion']);
  });
  const full: FirstLook = { part: null, nominal: nominal('full'), banded: nominal('banded').prediction };
  it('shows the band that came with the page, and draws none', async () => {
    const { store, drawn } = storeWith(full);
    expect(store.getSnapshot()).toMatchObject({ banded: { name: 'banded' }, bandIsOld: false });
    expect(await drawn[0]).toBe(true);
  });
  it('takes the band that the server draws once it is there', async () => {
    const { store, drawn } = storeWith({ ...full, banded: null }, Promise.resolve(full));
    expect(store.getSnapshot()).toMatchObject({ banded: null });
    expect(await drawn[0]).toBe(true);
    expect(store.getSnapshot()).toMatchObject({ nominal: nominal('full'), banded: { name: 'banded' }, bandIsOld: false });
  });
  it('draws by itself where the server could not, and keeps a change that was made meanwhile', async () => {
    expect(await storeWith({ ...full, banded: null }, Promise.resolve(null)).drawn[0]).toBe(false);
    expect(await storeWith({ ...full, banded: null }, Promise.reject(new Error('gone'))).drawn[0]).toBe(false);
    const { store, drawn } = storeWith({ ...full, banded: null }, Promise.resolve(full));
    store.set(['name'], 'changed meanwhile');
    await drawn[0];
    expect(store.getSnapshot().banded).toBeNull();
  });
});

describe('a batch under the hand', () => {
  it('asks at once and shows change and answer together', () => {
    const { store, asked, answers, shown } = storeWith();
    store.set(['name'], 'one');
    expect(asked.map(({ name }) => name)).toEqual([FIRST.name, 'one']);
    expect(shown()).toBe(0);
    answers.onNominal(asked[1], { ok: true, value: nominal('one') });
    expect(shown()).toBe(1);
    expect(store.getSnapshot()).toMatchObject({
      document: { name: 'one' },
      canUndo: true,
      nominal: { prediction: { name: 'one' } },
    });
  });
  it('shows a change alone when the answer takes long', () => {
    const { store, shown } = storeWith();
    store.set(['name'], 'slow');
    vi.advanceTimersByTime(100);
    expect(shown()).toBe(1);
    expect(store.getSnapshot().document.name).toBe('slow');
  });
  it('tells whoever saves the newest document, before it is shown', () => {
    const { store } = storeWith();
    store.set(['name'], 'typed just now');
    expect(store.getSnapshot().document.name).toBe(FIRST.name);
    expect(store.newest().name).toBe('typed just now');
  });
  it('changes from what stands now, not from what was last shown', () => {
    const { store } = storeWith();
    for (let press = 0; press < 5; press++) store.change<number>(['shape', 'thickness_mm'], (mm) => mm + 1);
    vi.advanceTimersByTime(100);
    expect(store.getSnapshot().document.shape).toMatchObject({ thickness_mm: expect.closeTo(11.4, 9) as number });
  });
  it('keeps the last run in view when a document cannot be predicted', () => {
    const { store, asked, answers } = storeWith();
    answers.onNominal(asked[0], { ok: true, value: nominal('good') });
    answers.onNominal(asked[0], fail('OUT_OF_RANGE', 'too thick'));
    expect(store.getSnapshot()).toMatchObject({ nominal: { prediction: { name: 'good' } }, failure: { message: 'too thick' } });
    answers.onNominal(asked[0], { ok: true, value: nominal('good again') });
    expect(store.getSnapshot().failure).toBeNull();
  });
  it('knows bands of an older document from those of this one', () => {
    const { store, asked, answers } = storeWith();
    answers.onBanded(asked[0], { ok: true, value: {} as Prediction });
    expect(store.getSnapshot().bandIsOld).toBe(false);
    store.set(['name'], 'newer');
    vi.advanceTimersByTime(100);
    expect(store.getSnapshot().bandIsOld).toBe(true);
  });
  it('knows what a hand waits for from what comes by itself', () => {
    const { store, asked, answers } = storeWith();
    const waited: boolean[] = [];
    store.subscribe((handWaits) => waited.push(handWaits));
    answers.onNominal(asked[0], { ok: true, value: nominal('first') });
    answers.onBanded(asked[0], { ok: true, value: {} as Prediction });
    store.set(['name'], 'newer');
    answers.onNominal(asked[1], { ok: true, value: nominal('newer') });
    answers.onNominal(asked[1], { ok: true, value: nominal('newer, laid tighter') });
    expect(waited).toEqual([false, false, true, false]);
  });
  it('tells how far a search is only to those who watch it, and forgets it on a change', () => {
    const { store, asked, answers, shown } = storeWith();
    let told = 0;
    const stop = store.search.subscribe(() => told++);
    answers.onSearch(asked[0], 0.4);
    answers.onSearch(asked[0], 0.4);
    expect([store.search.getSnapshot(), told, shown()]).toEqual([0.4, 1, 0]);
    store.set(['name'], 'newer');
    expect(store.search.getSnapshot()).toBeNull();
    answers.onSearch(asked[0], 0.9);
    expect(store.search.getSnapshot()).toBeNull();
    stop();
    answers.onSearch(asked[1], 0.1);
    expect([store.search.getSnapshot(), told]).toEqual([0.1, 2]);
  });
  it('undoes, redoes and starts over', () => {
    const { store } = storeWith();
    store.set(['name'], 'one');
    store.undo();
    store.redo();
    store.undo();
    vi.advanceTimersByTime(100);
    expect(store.getSnapshot()).toMatchObject({ document: { name: FIRST.name }, canUndo: false, canRedo: true });
    store.begin({ ...FIRST, name: 'theirs' });
    vi.advanceTimersByTime(100);
    expect(store.getSnapshot()).toMatchObject({ document: { name: 'theirs' }, canUndo: false, canRedo: false });
  });
});
