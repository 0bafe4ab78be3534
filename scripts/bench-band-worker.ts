/** One of the two that share the draws of a band, as a page’s workers do, each in a process of its own. */
import type { BatchDocument } from '@/core/document';
import type { Sample } from '@/core/bands';
import { shippedPantry } from '@/formats/shipped-pantry';
import { WorkerClient } from '@/workers/client';
import { inProcessLine } from '@/workers/in-process-line';
import type { PredictionExchanges } from '@/workers/prediction-protocol';
import { makePredictionService } from '@/workers/prediction-service';

export type DrawRequest = { readonly document: BatchDocument; readonly from: number; readonly to: number };

const pause = (): Promise<void> => new Promise((resume) => setImmediate(resume));
const goods = { pantry: [...(await shippedPantry()).values()], currency: 'GBP', prices: [] };
const worker = new WorkerClient<PredictionExchanges>(
  inProcessLine(() => makePredictionService({ now: () => performance.now(), pause })),
  (client) => client.ask('load', goods),
);
process.on('message', ({ document, from, to }: DrawRequest) => {
  void worker.ask('samples', { document, from, to }).then((samples: readonly Sample[] | null) => process.send?.(samples));
});
process.send?.('ready');
