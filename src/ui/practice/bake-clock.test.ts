import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { BakeClock } from './bake-clock';

let frames: FrameRequestCallback[] = [];
let now_ms = 0;
/** Frames of so many milliseconds, one after the other. */
function pass(ms: number, count = 1): void {
  for (let i = 0; i < count; i++) {
    now_ms += ms;
    const due = frames;
    frames = [];
    for (const frame of due) frame(now_ms);
  }
}

beforeEach(() => {
  [frames, now_ms] = [[], 0];
  vi.stubGlobal('requestAnimationFrame', (frame: FrameRequestCallback) => frames.push(frame));
  vi.spyOn(performance, 'now').mockImplementation(() => now_ms);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

it('passes a minute in a second, or as many as are wished', () => {
  const clock = new BakeClock();
  clock.set(0, 60);
  clock.run(true);
  pass(20, 50);
  expect(clock.now()).toBeCloseTo(1, 6);
  clock.run(true, 5);
  pass(20, 50);
  expect(clock.now()).toBeCloseTo(6, 6);
});
it('stands still while the page is hidden, and stops at the end', () => {
  const clock = new BakeClock();
  clock.set(3, 4);
  clock.run(true);
  pass(60_000);
  expect(clock.now()).toBeCloseTo(3.25, 6);
  pass(250, 10);
  expect([clock.now(), clock.how().running]).toEqual([4, false]);
  clock.run(true);
  expect(clock.how().running).toBe(false);
});
it('takes steps while it stands, and asks for no frames then', () => {
  const clock = new BakeClock();
  clock.set(0, 30);
  clock.pass(5);
  clock.pass(100);
  expect(clock.now()).toBe(30);
  expect(frames).toHaveLength(0);
});
it('does not run twice as fast when it is started twice', () => {
  const clock = new BakeClock();
  clock.set(0, 30);
  clock.run(true);
  clock.run(true);
  pass(100, 10);
  expect(clock.now()).toBeCloseTo(1, 6);
});
