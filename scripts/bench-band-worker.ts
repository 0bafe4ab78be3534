/** One of the two that share the draws of a band, as a page's workers do; a process, since those know TypeScript. */
import type { BatchDocument } from '@/core/document';
import type { Sample } from '@/core/bands';
import { shippedPantry } from '@/formats/shipped-pantry';
import { makePredictionService } from '@/workers/prediction-service';

export type DrawRequest = { readonly document: BatchDocument; readonly from: number; readonly to: number };

const service = makePredictionService(
  () => performance.now(),
  () => new Promise((resume) => setImmediate(resume)),
);
service.load({ pantry: [...(await shippedPantry()).values()], currency: 'GBP', prices: [] });
process.on('message', ({ document, from, to }: DrawRequest) => {
  void service.samples(document, from, to).then((samples: readonly Sample[] | null) => process.send?.(samples));
});
process.send?.('ready');
