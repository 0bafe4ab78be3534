import { SimulatedHygrometer } from '@/devices/simulated-hygrometer';
import { SimulatedProbe } from '@/devices/simulated-probe';
import type { ProbeReading } from '@/devices/probe';

/** The stand-in's oven is not quite the model's: its pieces live a little slower, its air a little cooler. */
const HIDDEN_PACE = 0.92;
const HIDDEN_OFFSET_K = -3;
const SEED = 310;

/** A predicted course that the stand-in plays: what core and air are at each of these minutes. */
export type Played = {
  readonly began_ms: number;
  readonly minutes: readonly number[];
  readonly core_c: readonly number[];
  readonly air_c: readonly number[];
};

const shared = globalThis as {
  ovenProbes?: Map<string, { probe: SimulatedProbe; course: Played }>;
  ovenHygrometer?: SimulatedHygrometer;
};

/** What the probe in a batch reads now. */
export function readProbe(batchId: string, course: Played, now_ms: number): ProbeReading | null {
  const probes = (shared.ovenProbes ??= new Map());
  const known = probes.get(batchId);
  // The programme may have been lengthened since: it plays on from what is planned now.
  const held = known ?? { course, probe: new SimulatedProbe((at) => truthOf(probes.get(batchId)?.course ?? course, at), SEED) };
  held.course = course;
  probes.set(batchId, held);
  return held.probe.read(now_ms);
}

export const readHygrometer = (usual_pct: number, now_ms: number): number =>
  (shared.ovenHygrometer ??= new SimulatedHygrometer(usual_pct, SEED)).read(now_ms);

function truthOf({ began_ms, minutes, core_c, air_c }: Played, now_ms: number): ProbeReading | null {
  const minute = ((now_ms - began_ms) / 60_000) * HIDDEN_PACE;
  if (minute < 0 || minutes.length === 0) return null;
  let at = 0;
  while (at < minutes.length - 2 && minutes[at + 1] < minute) at++;
  const next = Math.min(at + 1, minutes.length - 1);
  const span = minutes[next] - minutes[at];
  const part = span > 0 ? Math.min(1, Math.max(0, (minute - minutes[at]) / span)) : 1;
  const between = (curve: readonly number[]): number => curve[at] + part * (curve[next] - curve[at]);
  return { core_c: between(core_c), air_c: between(air_c) + HIDDEN_OFFSET_K };
}
