import type { Machine } from '@/core/bakeday';

/** Minutes from one setpoint to another, written down once more for the oracle. */
export const setupOf = ({ heat, cool, tol }: Machine, from: number, to: number): number =>
  Math.abs(to - from) <= tol ? 0 : Math.ceil(Math.abs(to - from) / (to > from ? heat : cool) - 1e-9);
