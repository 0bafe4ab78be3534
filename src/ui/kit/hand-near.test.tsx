import { act, cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { handNear } from './hand-near';

afterEach(cleanup);

/** Whether what is done on a page with a heading and a field counts as a hand that comes near. */
async function isNear(done: () => void, signal = new AbortController().signal): Promise<boolean> {
  render(
    <>
      <h1 tabIndex={-1}>Hillbars</h1>
      <input aria-label="Batch" />
    </>,
  );
  let near = false;
  void handNear(window, signal).then(() => (near = true));
  await act(async () => {
    done();
    await Promise.resolve();
  });
  return near;
}
const moved = (pointerType: string): void => {
  const event = new Event('pointermove', { bubbles: true });
  Object.assign(event, { pointerType });
  fireEvent(document.body, event);
};

describe('a hand is near', () => {
  it.each([
    ['when a mouse moves', () => moved('mouse'), true],
    ['when a field is gone to', () => screen.getByLabelText('Batch').focus(), true],
    ['when a key is pressed', () => fireEvent.keyDown(document.body, { key: '3' }), true],
    ['not when a finger scrolls', () => moved('touch'), false],
    ['not when the page goes to its heading', () => screen.getByRole('heading').focus(), false],
    ['not while nobody does anything', () => undefined, false],
  ])('%s', async (_, done, near) => expect(await isNear(done)).toBe(near));

  it('to nobody once it was given up', async () => {
    const left = new AbortController();
    expect(
      await isNear(() => {
        left.abort();
        moved('mouse');
      }, left.signal),
    ).toBe(false);
  });
});
