import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DogSheet } from './DogSheet';
import { NEW_DOG } from './dog-data';

/** A kitchen that answers as told, and remembers what it was sent. */
const sent: Array<{ revision: number; document: typeof NEW_DOG }> = [];
let answers: Array<() => Response> = [];
const saved = (revision: number) => () => Response.json({ revision, saved_at: `at ${revision}` });
const stale = (revision: number, document: object) => () =>
  Response.json(
    { error: { code: 'CHANGED_ELSEWHERE', message: 'changed' }, current: { revision, document, saved_at: 'theirs' } },
    { status: 409 },
  );

class ResizeObserverStub {
  observe = (): void => undefined;
  unobserve = (): void => undefined;
  disconnect = (): void => undefined;
}

beforeEach(() => {
  sent.length = 0;
  localStorage.clear();
  vi.stubGlobal('ResizeObserver', ResizeObserverStub);
  vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
    sent.push(JSON.parse(body) as (typeof sent)[number]);
    return Promise.resolve(answers.shift()?.() ?? new Response(null, { status: 500 }));
  });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const PIP = { ...NEW_DOG, name: 'Pip' };
const open = (onSaved = vi.fn()): typeof onSaved => {
  const dog = { id: 'pip', revision: 3, saved_at: 'once', document: PIP };
  render(<DogSheet dog={dog} allergens={['egg', 'wheat']} onSaved={onSaved} onDrop={() => undefined} />);
  return onSaved;
};

describe('a dog that is changed', () => {
  it('saves quick changes together, over the revision it was opened at, and says so once', async () => {
    answers = [saved(4)];
    const onSaved = open();
    // At once, however slow the machine is: a hand that waits as long as saving does makes two of them.
    fireEvent.click(screen.getByRole('button', { name: 'egg' }));
    fireEvent.click(screen.getByRole('checkbox', { name: 'too heavy' }));
    await waitFor(() => expect(onSaved).toHaveBeenCalledTimes(1), { timeout: 20_000 });
    expect(sent).toEqual([{ revision: 3, document: { ...PIP, avoids: ['egg'], overweight: true } }]);
    expect(screen.getByRole('button', { name: '✕ egg' }).getAttribute('aria-pressed')).toBe('true');
  });
  it('keeps both changes when someone else changed another field', async () => {
    answers = [stale(4, { ...PIP, avoids: ['wheat'] }), saved(5)];
    const onSaved = open();
    await userEvent.click(screen.getByRole('checkbox', { name: 'fat upsets it' }));
    await waitFor(() => expect(onSaved).toHaveBeenCalled(), { timeout: 20_000 });
    expect(sent[1]).toEqual({ revision: 4, document: { ...PIP, avoids: ['wheat'], upsetByFat: true } });
    expect(screen.getByRole('button', { name: '✕ wheat' })).toBeTruthy();
  });
  it('asks when both changed the same; theirs is then shown and mine is gone', async () => {
    answers = [stale(4, { ...PIP, avoids: ['wheat'] })];
    open();
    await userEvent.click(screen.getByRole('button', { name: 'egg' }));
    await screen.findByText('Someone else saved this dog', {}, { timeout: 20_000 });
    await userEvent.click(screen.getByRole('button', { name: 'Take theirs' }));
    expect(await screen.findByRole('button', { name: '✕ wheat' }, { timeout: 20_000 })).toBeTruthy();
    expect(screen.queryByRole('button', { name: '✕ egg' })).toBeNull();
    expect(sent).toHaveLength(1);
  });
  it('says what could not be saved, and keeps it in the browser', async () => {
    answers = [];
    open();
    await userEvent.click(screen.getByRole('button', { name: 'egg' }));
    expect((await screen.findByRole('alert', {}, { timeout: 20_000 })).textContent).toMatch(/^Not saved yet\. /);
    expect(JSON.parse(localStorage.getItem('upbeat-oven:dog:pip') ?? '{}')).toMatchObject({ document: { avoids: ['egg'] } });
  });
});
