import type { Preference } from '../document';
import type { Cut } from './cuts';
import type { Candidate } from './found';
import { minutesOf, visitsOf } from './limits';

/** What is better comes first when sorted upwards. */
export const METRICS: Record<Preference, (candidate: Candidate) => number> = {
  fastest: ({ minutes }) => minutes,
  'least-energy': ({ energy_kwh }) => energy_kwh,
  gentlest: ({ prediction, heat }) =>
    prediction.heat.browning + Math.max(0, ...heat.steps.map((s) => ('setpoint_c' in s ? s.setpoint_c : 0))) / 1e4,
  'least-attention': ({ visits, minutes }) => visits + minutes / 1e5,
};
export const byPreference =
  (prefer: Preference) =>
  (a: Candidate, b: Candidate): number =>
    METRICS[prefer](a) - METRICS[prefer](b);

/** Guesses of the same from a coarse trial, to choose the finalists by. */
export const GUESSES: Record<Preference, (cut: Cut) => number> = {
  fastest: ({ heat }) => minutesOf(heat.steps),
  'least-energy': ({ heat }) =>
    heat.steps.reduce(
      (sum, step) => sum + ('setpoint_c' in step && 'minutes' in step ? (step.setpoint_c - 20) * step.minutes : 0),
      0,
    ),
  gentlest: ({ ending }) => ending.browning,
  'least-attention': ({ heat }) => visitsOf(heat).length + minutesOf(heat.steps) / 1e5,
};
