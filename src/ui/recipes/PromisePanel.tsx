'use client';
import { useMemo, type ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Ingredient } from '@/core/pantry';
import { useBatch } from '../batch/use-batch';
import { Panel } from '../kit/Panel';
import { AsWritten } from './bring/AsWritten';
import { sentence } from '../format/units';

type PromisePanelProps = { readonly document: BatchDocument; readonly pantry: readonly Ingredient[] };

/** Without prices: nothing of the panel costs anything. */
const NO_PRICES = { currency: 'GBP', prices: [] } as const;

/** A recipe from elsewhere opens on what it promises beside what it gives here; nothing for one that promises nothing. */
export function PromisePanel({ document, pantry }: PromisePanelProps): ReactNode {
  const { promises } = document.recipe;
  const promised = promises !== undefined && (promises.pieces ?? promises.servings ?? promises.keeps) !== undefined;
  return promised ? <Promised document={document} pantry={pantry} /> : null;
}

function Promised({ document, pantry }: PromisePanelProps): ReactNode {
  const goods = useMemo(() => ({ ...NO_PRICES, pantry }), [pantry]);
  const { nominal, banded, bandIsOld, failure, questions } = useBatch(document, goods);
  return (
    <Panel label="As written and as predicted" className="px-5 py-3">
      {nominal ? (
        <AsWritten document={document} nominal={nominal.prediction} {...{ banded, bandIsOld, questions }} onDocument={null} />
      ) : (
        <p role="status" className="text-soft">
          {failure ? sentence(failure.message) : 'Working out what it gives here …'}
        </p>
      )}
    </Panel>
  );
}
