import type { Heat } from '../document';
import type { PredictionRun, Kitchen } from '../prediction';
import type { Candidate, Strategy } from './found';
import { ovenMinutes, visitsOf } from './limits';

/** A programme with what it gives and costs, as it was predicted; without bands yet. */
export function candidateOf(strategy: Strategy, heat: Heat, { prediction }: PredictionRun, { prices }: Kitchen): Candidate {
  const { energy_kwh, minutes } = prediction.heat;
  return {
    strategy,
    heat,
    prediction,
    minutes,
    oven_minutes: ovenMinutes(heat),
    visits: visitsOf(heat).length,
    chance: null,
    chilled_days: null,
    energy_kwh,
    energy_cost: prices?.energy_per_kwh === undefined ? null : energy_kwh * prices.energy_per_kwh,
  };
}

/** Clocks are read in minutes, long stretches in fives. */
export function wholeMinutes(minutes: number): number {
  const step = minutes > 60 ? 5 : 1;
  return Math.max(1, Math.ceil(minutes / step - 1e-6) * step);
}
