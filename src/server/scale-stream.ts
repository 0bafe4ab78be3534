import { now } from './clock';
import 'server-only';
import Joi from 'joi';
import { succeed, type Result } from '@/core/failure';
import { SimulatedScale, USUAL_SCALE } from '@/devices/simulated-scale';
import { checkWith } from '@/formats/read-batch';
import { eventStream } from './event-stream';

/** The kitchen's one scale; a stand-in until a real one is plugged in. One per process, also across reloads. */
const shared = globalThis as { ovenScale?: SimulatedScale };
const SEED = 310;
const scale = (): SimulatedScale => (shared.ovenScale ??= new SimulatedScale(USUAL_SCALE, SEED, now()));

/** How often a page hears of the scale [ms]. */
const EVERY_MS = 200;

type ScaleRequest = { readonly do: 'tare' | 'plug' | 'unplug' } | { readonly do: 'put'; readonly grams: number };
const SCALE_REQUEST = Joi.object<ScaleRequest>({ do: Joi.string().valid('tare', 'plug', 'unplug', 'put').required() }).when(
  Joi.object({ do: 'put' }).unknown(),
  { then: Joi.object({ grams: Joi.number().min(-5000).max(5000).required() }) },
);

/** Works the stand-in: puts something on it, tares it, pulls its plug. */
export function workScale(body: unknown): Result<{ done: string }> {
  const request = checkWith(SCALE_REQUEST, body);
  if (!request.ok) return request;
  const now_ms = now();
  if (request.value.do === 'put') scale().put(request.value.grams, now_ms);
  else if (request.value.do === 'tare') scale().tare(now_ms);
  else scale().connect(request.value.do === 'plug');
  return succeed({ done: request.value.do });
}

/** What the scale shows now [g]; null while it is not connected. */
export const readScale = (): number | null => scale().read(now())?.grams ?? null;

/** Readings as they come, as server-sent events: `reading` with grams, or `silent` while the scale is not connected. */
export const scaleStream = (signal: AbortSignal): ReadableStream<Uint8Array> =>
  eventStream(signal, (send) => {
    const timer = setInterval(() => {
      const reading = scale().read(now());
      send(reading ? `event: reading\ndata: ${JSON.stringify(reading)}\n\n` : 'event: silent\ndata: {}\n\n');
    }, EVERY_MS);
    return () => clearInterval(timer);
  });
