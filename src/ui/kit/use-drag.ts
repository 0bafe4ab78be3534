import { useState, type KeyboardEvent, type PointerEvent } from 'react';

/** Presses of arrow keys: to the right, and upwards. */
export type Arrows = { readonly x: number; readonly y: number };
/** Where the pointer took hold, in the window [px]. */
export type Grabbed = { readonly x: number; readonly y: number };

type DragOptions<T, V> = {
  /** Where the pointer holds the thing. */
  readonly under: (pointer: PointerEvent, thing: T, grabbed: Grabbed) => V;
  /** Where so many presses of arrow keys take it from where it stands. */
  readonly step: (now: V, arrows: Arrows) => V;
  /**
   * The thing moves from where it stands now, which may be further than was drawn.
   *
   * @param held - the hand is still on it; false when it lets go, and for every press of a key
   */
  readonly onMove: (thing: T, next: (now: V) => V, held: boolean) => void;
};

/** What a thing needs to be dragged, by pointer or arrow keys. */
export type DragHandlers = {
  readonly onPointerDown: (pointer: PointerEvent) => void;
  readonly onPointerMove: (pointer: PointerEvent) => void;
  readonly onPointerUp: (pointer: PointerEvent) => void;
  readonly onPointerCancel: (pointer: PointerEvent) => void;
  readonly onKeyDown: (key: KeyboardEvent) => void;
};

const FAST = 10;
const ARROWS: Readonly<Record<string, Arrows | undefined>> = {
  ArrowRight: { x: 1, y: 0 },
  ArrowLeft: { x: -1, y: 0 },
  ArrowUp: { x: 0, y: 1 },
  ArrowDown: { x: 0, y: -1 },
};

/**
 * Moves things by pointer and by arrow keys, through one move: whoever cannot drag loses nothing. With Shift a key goes ten
 * times as far.
 *
 * @returns which is held, by its key, and the handlers of one thing
 */
export function useDrag<T, V>({
  under,
  step,
  onMove,
}: DragOptions<T, V>): {
  readonly held: string | null;
  readonly handle: (key: string, thing: T) => DragHandlers;
} {
  const [hold, setHold] = useState<{ readonly key: string; readonly grabbed: Grabbed } | null>(null);
  const handle = (key: string, thing: T): DragHandlers => {
    const letGo = (pointer: PointerEvent): void => {
      if (hold?.key !== key) return;
      pointer.currentTarget.releasePointerCapture(pointer.pointerId);
      setHold(null);
      onMove(thing, (now) => now, false);
    };
    return {
      onPointerDown: (pointer) => {
        pointer.currentTarget.setPointerCapture(pointer.pointerId);
        setHold({ key, grabbed: { x: pointer.clientX, y: pointer.clientY } });
      },
      onPointerMove: (pointer) => {
        if (hold?.key !== key) return;
        const to = under(pointer, thing, hold.grabbed);
        onMove(thing, () => to, true);
      },
      onPointerUp: letGo,
      onPointerCancel: letGo,
      onKeyDown: (event) => {
        const pressed = ARROWS[event.key];
        if (!pressed) return;
        event.preventDefault();
        const far = event.shiftKey ? FAST : 1;
        onMove(thing, (now) => step(now, { x: pressed.x * far, y: pressed.y * far }), false);
      },
    };
  };
  return { held: hold?.key ?? null, handle };
}
