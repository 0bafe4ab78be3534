import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { useState, type ReactNode } from 'react';
import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { useDrag } from './use-drag';

// The page of the tests draws nothing, so that it captures no pointer either.
beforeAll(() => {
  Element.prototype.setPointerCapture = () => undefined;
  Element.prototype.releasePointerCapture = () => undefined;
});
afterEach(cleanup);

/** Two knobs on one line; what was told of them is written below. */
function Knobs(): ReactNode {
  const [places, setPlaces] = useState({ a: 10, b: 50 });
  const [told, setTold] = useState<string[]>([]);
  const { held, handle } = useDrag<'a' | 'b', number>({
    under: (pointer, _, grabbed) => pointer.clientX - grabbed.x + 100,
    step: (now, { x, y }) => now + x + 100 * y,
    onMove: (knob, next, isHeld) => {
      setPlaces((now) => ({ ...now, [knob]: next(now[knob]) }));
      setTold((now) => [...now, `${knob} ${isHeld ? 'held' : 'let go'}`]);
    },
  });
  return (
    <>
      {(['a', 'b'] as const).map((knob) => (
        <button key={knob} {...handle(knob, knob)}>
          {knob} {places[knob]}
        </button>
      ))}
      <p>
        {held ?? 'none'}: {told.join(', ')}
      </p>
    </>
  );
}
const knob = (name: RegExp): HTMLElement => screen.getByRole('button', { name });

describe('a thing that is moved', () => {
  it('follows the pointer while it is held, and is told once when it is let go', () => {
    render(<Knobs />);
    fireEvent.pointerMove(knob(/^a/), { clientX: 30 });
    expect(knob(/^a/).textContent).toBe('a 10');
    fireEvent.pointerDown(knob(/^a/), { clientX: 20 });
    expect(screen.getByText(/^a:$/)).toBeTruthy();
    fireEvent.pointerMove(knob(/^a/), { clientX: 27 });
    fireEvent.pointerMove(knob(/^b/), { clientX: 90 });
    expect([knob(/^a/).textContent, knob(/^b/).textContent]).toEqual(['a 107', 'b 50']);
    fireEvent.pointerUp(knob(/^a/));
    fireEvent.pointerMove(knob(/^a/), { clientX: 99 });
    expect(knob(/^a/).textContent).toBe('a 107');
    expect(screen.getByText('none: a held, a let go')).toBeTruthy();
  });
  it('goes the same ways by arrow keys, ten times as far with Shift', () => {
    render(<Knobs />);
    fireEvent.keyDown(knob(/^b/), { key: 'ArrowRight' });
    fireEvent.keyDown(knob(/^b/), { key: 'ArrowLeft', shiftKey: true });
    fireEvent.keyDown(knob(/^b/), { key: 'ArrowUp' });
    fireEvent.keyDown(knob(/^b/), { key: 'Enter' });
    expect(knob(/^b/).textContent).toBe('b 141');
    expect(screen.getByText('none: b let go, b let go, b let go')).toBeTruthy();
  });
  it('goes on from where it stands when keys come faster than it is drawn', () => {
    render(<Knobs />);
    for (let i = 0; i < 5; i++) fireEvent.keyDown(knob(/^a/), { key: 'ArrowRight' });
    expect(knob(/^a/).textContent).toBe('a 15');
  });
});
